import type { Measure } from './measures';
import type { NextStep, Verdict } from './verdict';

type Faults = Partial<Record<NextStep, readonly string[]>>;

/** By measure: which of a checkpoint's usual faults each verdict proposes, in the order tried. */
const FAULTS: Partial<Record<Measure, Faults>> = {
  chain: {
    'plan-chain': ['near', 'past'],
    'renew-chain': ['past'],
    'look-at-sprockets': ['far-past', 'past'],
  },
  'disc-pad': { 'plan-pads': ['near'], 'renew-pads': ['thin'], 'centre-caliper': ['uneven'] },
  'rim-pad': { 'renew-pads': ['to-holder'], 'renew-pads-by-line': ['line-gone'] },
  rotor: { 'plan-rotor': ['near'], 'renew-rotor': ['thin'], 'note-pulsing': ['spread'] },
  'rim-track': { 'measure-track-again': ['hollow'], 'stop-rim': ['worn'] },
  'rim-wall': { 'plan-rim': ['near'], 'stop-rim': ['thin'] },
  sealant: { 'refill-sealant': ['dry'], 'top-up-sealant': ['low', 'old'] },
  'run-out': { 'true-wheel': ['out'], 'stop-wheel': ['touches'] },
  spokes: {
    'watch-spoke': ['uneven'],
    'tension-spokes': ['low'],
    'tension-wheel': ['all-slack', 'low'],
    'stop-spoke': ['none'],
  },
  'tyre-window': {
    pump: ['low-again'],
    'let-down': ['over'],
    'find-leak': ['flat'],
    'conflict-ask-maker': ['over'],
  },
  pressure: { 'let-fork-down': ['over'] },
  sag: { 'set-sag': ['outside'] },
  'lever-travel': { 'take-up-lever': ['long'], 'stop-lever': ['to-grip'] },
  hanger: { 'align-hanger': ['bent'] },
  'chain-slack': { 'loosen-chain': ['tight'], 'tighten-chain': ['slack'], 'stop-chain': ['comes-off'] },
  battery: { 'set-charge': ['store'], 'plan-battery': ['weak'] },
};

/** Every fault a measure can tell of, by its key. */
export function faultsTold(measure: Measure): ReadonlySet<string> {
  return new Set(Object.values(FAULTS[measure] ?? {}).flat());
}

/** The usual fault of a checkpoint that says what this verdict says, by its key; null where none does and the person names it. */
export function faultOf(
  measure: Measure,
  verdict: Verdict,
  faults: readonly { readonly key: string }[],
): string | null {
  return FAULTS[measure]?.[verdict.next]?.find((key) => faults.some((fault) => fault.key === key)) ?? null;
}

/** Whether a reading that passes says all there is to say of a checkpoint: it can tell of every one of its usual faults. */
export function settles(measure: Measure, faults: readonly { readonly key: string }[]): boolean {
  const told = faultsTold(measure);
  return faults.every((fault) => told.has(fault.key));
}
