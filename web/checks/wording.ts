import type { Outcome, Side } from '@cadre/core/checks';

export const OUTCOME_WORDS: Record<Outcome, string> = {
  pass: 'Pass',
  fixed: 'Fixed on the spot',
  watch: 'Watch',
  fail: 'Fail',
  skipped: 'Skipped',
};

export const SIDE_WORDS: Record<Side, string> = {
  left: 'left',
  right: 'right',
  'drive-side': 'drive side',
  'off-side': 'off side',
  top: 'top',
  under: 'underneath',
};
