import { defineAsyncComponent } from 'vue';

export { checksViews } from './views';
export {
  type MarkGiven,
  type NamedChecklist,
  draftFor,
  joinChecks,
  saveMarks,
  markTime,
  marksOf,
  signDraft,
} from './drafts';
export { useLiveChecks } from './use-live-checks';
export { useMeasuredOn } from './use-measured-on';
export { useOutbox } from './use-outbox';
export { type BikeReadings, useReadings } from './use-readings';
export { OUTCOME_WORDS } from './wording';
export const BikeChecks = defineAsyncComponent(() => import('./BikeChecks.vue'));
export const ExceptionPanel = defineAsyncComponent(() => import('./ExceptionPanel.vue'));
export const HowToLook = defineAsyncComponent(() => import('./HowToLook.vue'));
export const ClockDial = defineAsyncComponent(() => import('./ClockDial.vue'));
export const ReadingField = defineAsyncComponent(() => import('./ReadingField.vue'));
export const ServiceMarks = defineAsyncComponent(() => import('./ServiceMarks.vue'));
