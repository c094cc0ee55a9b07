import { defineAsyncComponent } from 'vue';

export const CameraReader = defineAsyncComponent(() => import('./CameraReader.vue'));
export { readCode } from './read-code';
export const FindBike = defineAsyncComponent(() => import('./FindBike.vue'));
export { useTypeAhead } from './type-ahead';
export type { Place } from './place';
