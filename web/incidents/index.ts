import { defineAsyncComponent } from 'vue';

export const ReportIncident = defineAsyncComponent(() => import('./ReportIncident.vue'));
export const ReportContamination = defineAsyncComponent(() => import('./ReportContamination.vue'));
