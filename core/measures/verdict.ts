import type { Sourced } from './limits';

/** What a reading means, best first. */
export const VERDICT_OUTCOMES = ['pass', 'watch', 'renew', 'fail'] as const;
export type VerdictOutcome = (typeof VERDICT_OUTCOMES)[number];

/** What a verdict becomes when the person accepts it, lightest first. `fixed` is corrected on the spot, then passes. */
export const BECOMES = ['nothing', 'note', 'watch', 'upkeep', 'fixed', 'soon', 'stop'] as const;
export type Becomes = (typeof BECOMES)[number];

/** What to do next, as codes; the words are the screen's. */
export const NEXT_STEPS = [
  'go-on',
  'plan-chain',
  'renew-chain',
  'look-at-sprockets',
  'plan-pads',
  'renew-pads',
  'renew-pads-by-line',
  'centre-caliper',
  'plan-rotor',
  'renew-rotor',
  'note-pulsing',
  'read-rotor-marking',
  'measure-track-again',
  'stop-rim',
  'plan-rim',
  'read-rim-marking',
  'true-wheel',
  'stop-wheel',
  'watch-spoke',
  'tension-spokes',
  'tension-wheel',
  'stop-spoke',
  'pump',
  'let-down',
  'find-leak',
  'read-tyre-marking',
  'conflict-ask-maker',
  'set-sag',
  'let-fork-down',
  'read-fork-marking',
  'look-for-drag',
  'take-up-lever',
  'stop-lever',
  'align-hanger',
  'loosen-chain',
  'tighten-chain',
  'stop-chain',
  'set-charge',
  'plan-battery',
  'refill-sealant',
  'top-up-sealant',
  'own-limit',
  'person-says',
] as const;
export type NextStep = (typeof NEXT_STEPS)[number];

export interface Verdict {
  /** `unknown`: no limit is known that could say. */
  readonly outcome: VerdictOutcome | 'unknown';
  readonly becomes: Becomes;
  /** Only of what is fixed on the spot: what it is when it is left as it was found. */
  readonly uncorrected?: 'upkeep' | 'soon' | 'stop' | undefined;
  /** What to set it to, where the program has a figure. */
  readonly aim?: Sourced | undefined;
  /** The reading, or what was made of it, in the measure's unit. */
  readonly value: number;
  /** The limit that decided, or the nearest one when it passes; null where none is known. */
  readonly limit: Sourced | null;
  readonly next: NextStep;
}

/** Whether `a` weighs more than `b`: by what it becomes (left as it is), then by its word. */
export function isWorseVerdict(a: Verdict, b: Verdict): boolean {
  const weight = (verdict: Verdict): number =>
    BECOMES.indexOf(verdict.uncorrected ?? verdict.becomes) * 10 +
    (verdict.outcome === 'unknown' ? 0 : VERDICT_OUTCOMES.indexOf(verdict.outcome));
  return weight(a) > weight(b);
}

/** Verdicts on one reading, the worst first. */
export function worstFirst(verdicts: readonly Verdict[]): readonly Verdict[] {
  return [...verdicts].sort((a, b) => (isWorseVerdict(a, b) ? -1 : isWorseVerdict(b, a) ? 1 : 0));
}

export function pass(value: number, limit: Sourced | null): Verdict {
  return { outcome: 'pass', becomes: 'nothing', value, limit, next: 'go-on' };
}

/** Outside a window that is set right on the spot; `uncorrected`: what it is when nobody does. */
export function fixOnSpot(
  value: number,
  limit: Sourced | null,
  next: NextStep,
  uncorrected: 'upkeep' | 'soon' | 'stop',
): Verdict {
  return { outcome: 'watch', becomes: 'fixed', uncorrected, value, limit, next };
}

export function unknown(value: number, next: NextStep): Verdict {
  return { outcome: 'unknown', becomes: 'nothing', value, limit: null, next };
}
