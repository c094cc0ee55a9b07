import { defineAsyncComponent } from 'vue';

export const ReportIncident = defineAsyncComponent(() => import('./ReportIncident.vue'));
