import { defineAsyncComponent } from 'vue';

export { TOUCH_WORDS } from './wording';
export const BikeCosts = defineAsyncComponent(() => import('./BikeCosts.vue'));
