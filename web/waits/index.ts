import { defineAsyncComponent } from 'vue';

/** What a bike waits for, with how it is answered: fetched with the first bike that is looked at closely. */
export const WaitPanel = defineAsyncComponent(() => import('./WaitPanel.vue'));
