import { defineAsyncComponent } from 'vue';

/** Below what a bike's page shows first. */
export const ServicesPanel = defineAsyncComponent(() => import('./ServicesPanel.vue'));
export const StandServices = defineAsyncComponent(() => import('./StandServices.vue'));
export const ServicesDue = defineAsyncComponent(() => import('./ServicesDue.vue'));
/** For the policy alone. */
export const SeasonsChoice = defineAsyncComponent(() => import('./SeasonsChoice.vue'));
export const ServicesChoice = defineAsyncComponent(() => import('./ServicesChoice.vue'));
export { useServiceDone } from './use-service-done';
export { CLIMATE_WORDS } from './service-wording';
