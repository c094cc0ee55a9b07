import { defineAsyncComponent } from 'vue';

export const BikeCosts = defineAsyncComponent(() => import('./BikeCosts.vue'));
