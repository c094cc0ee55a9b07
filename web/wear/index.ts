import { defineAsyncComponent } from 'vue';

export { nameOf as wornName } from './wear-wording';
export const WearPanel = defineAsyncComponent(() => import('./WearPanel.vue'));
