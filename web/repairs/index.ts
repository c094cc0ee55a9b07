import { defineAsyncComponent } from 'vue';

export { repairsViews } from './views';
export const BikeCosts = defineAsyncComponent(() => import('./BikeCosts.vue'));
