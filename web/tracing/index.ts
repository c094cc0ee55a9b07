import { defineAsyncComponent } from 'vue';

export { tracingViews } from './views';
export const BikeSearches = defineAsyncComponent(() => import('./BikeSearches.vue'));
