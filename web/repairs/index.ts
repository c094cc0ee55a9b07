import { defineAsyncComponent } from 'vue';

export { repairsViews } from './views';
export const BikeCosts = defineAsyncComponent(() => import('./BikeCosts.vue'));
export { loadQuietly } from './load-quietly';
export { useBenchJobs } from './use-bench-jobs';
export { useRepairs } from './use-repairs';
