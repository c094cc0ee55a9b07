import { defineAsyncComponent } from 'vue';

/** Fetched with the first finding that wants it. */
export const LookAcross = defineAsyncComponent(() => import('./LookAcross.vue'));
export const PastFindings = defineAsyncComponent(() => import('./PastFindings.vue'));
