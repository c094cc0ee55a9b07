import { defineAsyncComponent } from 'vue';

export const KitForGroup = defineAsyncComponent(() => import('./KitForGroup.vue'));
export { kitViews } from './views';
