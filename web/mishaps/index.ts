import { defineAsyncComponent } from 'vue';

export const ReportMishap = defineAsyncComponent(() => import('./ReportMishap.vue'));
