import type { MarkOutcome, Outcome, Side } from '@cadre/core/checks';

export const OUTCOME_WORDS: Record<Outcome, string> = {
  pass: 'Pass',
  fixed: 'Fixed on the spot',
  watch: 'Watch',
  fail: 'Fail',
  skipped: 'Skipped',
};

export const OUTCOME_MEANING: Record<Exclude<MarkOutcome, 'withdrawn'>, string> = {
  pass: 'as described',
  fixed: 'a problem was found and corrected; it passes now',
  watch: 'may ride; checked every time',
  fail: 'a problem was found',
  skipped: 'not checked, with the reason',
};

export const SIDE_WORDS: Record<Side, string> = {
  left: 'left',
  right: 'right',
  'drive-side': 'drive side',
  'off-side': 'off side',
  top: 'top',
  under: 'underneath',
};
