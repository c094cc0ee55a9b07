import { defineAsyncComponent } from 'vue';

export const TakeBackChoice = defineAsyncComponent(() => import('./TakeBackChoice.vue'));
export { useOutingActs } from './use-outing-acts';
export { outingsViews } from './views';
