import { defineAsyncComponent } from 'vue';

export { readCode } from './read-code';
/** Fetched when somebody looks for a bike; the camera's decoder only when the camera is wanted. */
export const FindBike = defineAsyncComponent(() => import('./FindBike.vue'));
