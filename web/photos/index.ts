import { defineAsyncComponent } from 'vue';

export { deliverPhotos } from './deliver-photos';
export const BikePhotos = defineAsyncComponent(() => import('./BikePhotos.vue'));
export const FindingPhotos = defineAsyncComponent(() => import('./FindingPhotos.vue'));
export const LookPhotos = defineAsyncComponent(() => import('./LookPhotos.vue'));
export const PrintedPhotos = defineAsyncComponent(() => import('./PrintedPhotos.vue'));
