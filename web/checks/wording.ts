import type { Outcome, Side } from '@cadre/core/checks';
import * as t from './messages';

export const OUTCOME_WORDS: Record<Outcome, string> = {
  pass: t.pass,
  fixed: t.fixedOnSpot,
  watch: t.watch,
  fail: t.fail,
  skipped: t.skipped,
};

export const SIDE_WORDS: Record<Side, string> = {
  left: t.left,
  right: t.right,
  'drive-side': t.driveSide,
  'off-side': t.offSide,
  top: t.top,
  under: t.underneath,
};
