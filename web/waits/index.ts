import { defineAsyncComponent } from 'vue';

export const WaitPanel = defineAsyncComponent(() => import('./WaitPanel.vue'));
