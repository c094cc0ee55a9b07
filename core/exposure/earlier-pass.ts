import type { MarkWay, Outcome } from '@cadre/core/checks';

/** The mark of an earlier check that answers a question in a later one. */
export interface Rest {
  readonly key: string;
  readonly markId: string;
  readonly checkId: string;
  readonly by: string;
  readonly at: number;
}

/** The newest look at a question of a bike, with all that decides whether a later check may rest on it. */
export interface EarlierLook {
  /** What is rested on: kept ready, so that a fleet of looks is asked about without making an object for each. */
  readonly mark: Rest;
  readonly outcome: Outcome;
  readonly way: MarkWay;
  readonly state: 'open' | 'signed' | 'abandoned';
  /** Its signer was a trainee and nobody co-signed, or its author is one. */
  readonly awaitsCoSign: boolean;
  /** The check was signed faster than anybody can look. */
  readonly hasty: boolean;
  /** It was asked the same, on the same part, with the same limits. */
  readonly sameQuestion: boolean;
}

/** Why a look is nothing to rest on. */
export const NO_REST = [
  'no-look',
  'no-pass',
  'unsigned',
  'no-co-sign',
  'hasty',
  'from-paper',
  'other-question',
] as const;
export type NoRest = (typeof NO_REST)[number];

/**
 * Whether a later check may rest on a look: only on a pass that was signed for, given at the bike by somebody who may sign, in plausible time, to the very question
 * that is asked now. Answers why not, or null.
 */
export function restsNot(look: EarlierLook | null): NoRest | null {
  if (!look) return 'no-look';
  if (look.outcome !== 'pass') return 'no-pass';
  if (look.state !== 'signed') return 'unsigned';
  if (look.awaitsCoSign) return 'no-co-sign';
  if (look.hasty) return 'hasty';
  if (look.way === 'paper') return 'from-paper';
  return look.sameQuestion ? null : 'other-question';
}
