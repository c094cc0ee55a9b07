import { defineAsyncComponent } from 'vue';

export {
  draftFor,
  joinChecks,
  keepMarks,
  markTime,
  marksOf,
  signDraft,
  type MarkGiven,
  type NamedSheet,
} from './drafts';
export {
  asTyped,
  cellWords,
  inBar,
  NEXT_WORDS,
  shownValue,
  SOURCE_WORDS,
  verdictSays,
  verdictShort,
  verdictWords,
  withUnit,
} from '@cadre/web/measures';
export { useLiveChecks } from './use-live-checks';
export { useOutbox } from './use-outbox';
export { useMeasuredOn } from './use-measured-on';
export { useReadings } from './use-readings';
export { OUTCOME_WORDS } from './wording';
/** Opened on a row that is not sound: fetched then. */
export const ExceptionPanel = defineAsyncComponent(() => import('./ExceptionPanel.vue'));
export const BikeChecks = defineAsyncComponent(() => import('./BikeChecks.vue'));
export const ServiceMarks = defineAsyncComponent(() => import('./ServiceMarks.vue'));
export const HowToLook = defineAsyncComponent(() => import('./HowToLook.vue'));
export const ReadingField = defineAsyncComponent(() => import('./ReadingField.vue'));
