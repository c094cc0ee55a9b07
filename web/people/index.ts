import { defineAsyncComponent } from 'vue';

export { peopleViews } from './views';
export { useSession } from './use-session';
export const ChangePerson = defineAsyncComponent(() => import('./ChangePerson.vue'));
