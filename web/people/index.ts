import { defineAsyncComponent } from 'vue';

export { peopleViews } from './views';
export { useCrew, type CrewPerson } from './use-crew';
export { useSession } from './use-session';
export const ChangePerson = defineAsyncComponent(() => import('./ChangePerson.vue'));
