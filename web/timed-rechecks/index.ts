import { defineAsyncComponent } from 'vue';

export const TimedRecheckPanel = defineAsyncComponent(() => import('./TimedRecheckPanel.vue'));
