import { defineAsyncComponent } from 'vue';

export { ACCESSORY_WORDS, BUILD_FIELDS } from './build-wording';
export { default as BikeSign } from './BikeSign.vue';
export {
  fitItemWords,
  fitText,
  fitValue,
  JOINT_WORDS,
  markingsText,
  MISMATCH_WORDS,
  PART_WORDS,
  shownUnit as fitUnit,
} from './fit-wording';
export { default as BikeFigure } from './BikeFigure.vue';
export { useFleet } from './use-fleet';
export { giveFound, useFound } from './found';
export { usePicked } from './use-picked';
export {
  ENDING_WORDS,
  FITNESS_WORDS,
  KIND_WORDS,
  MISHAP_WORDS,
  reasonWords,
  WHEREABOUTS_WORDS,
} from './wording';
export const OpenFindings = defineAsyncComponent(() => import('./OpenFindings.vue'));
