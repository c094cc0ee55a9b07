import { defineAsyncComponent } from 'vue';

export {
  asTyped,
  cellWords,
  inBar,
  limitWords,
  METHOD_WORDS,
  NEXT_WORDS,
  shownValue,
  SOURCE_WORDS,
  TYPE_HINTS,
  verdictSays,
  verdictShort,
  verdictWords,
  withUnit,
} from './reading-wording';
export const LimitScale = defineAsyncComponent(() => import('./LimitScale.vue'));
export const NumberPad = defineAsyncComponent(() => import('./NumberPad.vue'));
export const LimitChoices = defineAsyncComponent(() => import('./LimitChoices.vue'));
