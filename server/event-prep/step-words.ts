import type { PrepStepKind } from '@cadre/core/event-prep';
import * as t from './messages';

/** What each step's round is called. */
export const STEP_WORDS: Readonly<Record<PrepStepKind, string>> = {
  order: t.order,
  clean: t.clean,
  soak: t.soak,
  morning: t.morning,
};
