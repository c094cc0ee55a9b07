import type { MarkWord, Outcome, Side } from '@cadre/core/checks';

export const OUTCOME_WORDS: Record<Outcome, string> = {
  sound: 'Sound',
  'put-right': 'Put right',
  watch: 'Watch',
  fault: 'Fault',
  'not-looked-at': 'Not looked at',
};

export const OUTCOME_MEANING: Record<Exclude<MarkWord, 'withdrawn'>, string> = {
  sound: 'as it should be',
  'put-right': 'found wrong, corrected here, sound now',
  watch: 'not sound, may ride, looked at every time',
  fault: 'not sound',
  'not-looked-at': 'and why',
};

export const SIDE_WORDS: Record<Side, string> = {
  left: 'left',
  right: 'right',
  'drive-side': 'drive side',
  'off-side': 'off side',
  top: 'top',
  under: 'underneath',
};
