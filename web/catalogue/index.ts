import { defineAsyncComponent } from 'vue';

export { catalogueViews } from './views';
export { MARKING_WORDS, ROUTE_REASONS, ROUTE_WORDS } from './checklist-wording';
export { keyFrom } from './use-checklist-draft';
export { useCatalogue } from './use-catalogue';
export { usePolicyOn } from './use-policy-on';
export const PolicyPractices = defineAsyncComponent(() => import('./PolicyPractices.vue'));
export const LookDrawing = defineAsyncComponent(() => import('./LookDrawing.vue'));
export const StartChecklist = defineAsyncComponent(() => import('./StartChecklist.vue'));
export { useCheckMinutes } from './use-check-minutes';
