import type { Outcome } from '@cadre/core/checks';
import * as t from './messages';

export const OUTCOME_WORDS: Record<Outcome, string> = {
  pass: t.pass,
  fixed: t.fixedOnSpot,
  watch: t.watch,
  fail: t.fail,
  skipped: t.skipped,
};
