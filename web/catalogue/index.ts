import { defineAsyncComponent } from 'vue';

export { useCatalogue } from './use-catalogue';
export {
  PHASE_WORDS,
  POSITION_WORDS,
  SEVERITY_MEANING,
  SEVERITY_WORDS,
  SYSTEM_WORDS,
  withPosition,
  ZONE_WORDS,
  zonesName,
} from './wording';
/** Drawings and the house's way are fetched when a look is opened. */
export const LookDrawing = defineAsyncComponent(() => import('./LookDrawing.vue'));
export const HouseWay = defineAsyncComponent(() => import('./HouseWay.vue'));
export const StartSheet = defineAsyncComponent(() => import('./StartSheet.vue'));
