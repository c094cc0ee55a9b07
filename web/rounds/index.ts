import { defineAsyncComponent } from 'vue';

export { roundsViews } from './views';
export const RoundStrip = defineAsyncComponent(() => import('./RoundStrip.vue'));
export { useRounds } from './use-rounds';
