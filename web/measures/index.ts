import { defineAsyncComponent } from 'vue';

export {
  METHOD_WORDS,
  NEXT_WORDS,
  TYPE_HINTS,
  asTyped,
  cellWords,
  limitWords,
  shownValue,
  verdictSays,
  verdictShort,
  verdictWords,
  withUnit,
} from './reading-wording';
export const LimitChoices = defineAsyncComponent(() => import('./LimitChoices.vue'));
export const LimitScale = defineAsyncComponent(() => import('./LimitScale.vue'));
export const NumberPad = defineAsyncComponent(() => import('./NumberPad.vue'));
