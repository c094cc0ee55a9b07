import { defineAsyncComponent } from 'vue';

export { findingsViews } from './views';
/** Below a bike's standing: fetched after it. */
export const OpenFindings = defineAsyncComponent(() => import('./OpenFindings.vue'));
/** Fetched with the first finding that wants it. */
export const SimilarFaults = defineAsyncComponent(() => import('./SimilarFaults.vue'));
