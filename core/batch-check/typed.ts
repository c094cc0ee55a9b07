import type { Checkpoint } from '@cadre/core/catalogue';
import type { Outcome, Reading } from '@cadre/core/checks';
import {
  judgeReading,
  readReading,
  settles,
  speaksAgainst,
  takesReading,
  type LikelySlip,
  type Measure,
  type MeasuredOn,
  type Verdict,
} from '@cadre/core/measures';

/** The letters of the batch. `f` and `w` open the usual faults; the others mark at once. */
const LETTERS: Readonly<Record<string, Outcome>> = {
  p: 'pass',
  f: 'fail',
  w: 'watch',
  s: 'skipped',
  x: 'fixed',
};

export interface TypedReading {
  readonly measure: Measure;
  readonly method?: string | undefined;
  /** In the core's unit. */
  readonly values: readonly number[];
  readonly typed: string;
  /** What it means on this bike, worst first. */
  readonly verdicts: readonly Verdict[];
  readonly better?: Reading['better'];
  /** The instrument of the register it was taken with. */
  readonly instrumentId?: string | undefined;
}

/** What a text typed or pasted into a cell of the batch means. */
export type TypedCell =
  | { readonly kind: 'outcome'; readonly outcome: Outcome }
  | {
      readonly kind: 'reading';
      readonly reading: TypedReading;
      readonly unlikely: boolean;
      readonly likely: LikelySlip;
    }
  | { readonly kind: 'refused'; readonly why: 'not-understood' }
  | { readonly kind: 'refused'; readonly why: 'how-many'; readonly few: number; readonly many: number }
  | {
      readonly kind: 'refused';
      readonly why: 'out-of-range';
      readonly least: number;
      readonly most: number;
      readonly unit: string;
      readonly likely: LikelySlip;
      readonly measure: Measure;
    };

/** A reading as typed, read and judged on the bike it was taken of. */
export function takeReading(measure: Measure, text: string, on: MeasuredOn, method?: string): TypedCell {
  const read = readReading(measure, text, method);
  switch (read.state) {
    case 'not-a-number':
      return { kind: 'refused', why: 'not-understood' };
    case 'how-many':
      return { kind: 'refused', why: 'how-many', few: read.few, many: read.many };
    case 'out-of-range':
      return {
        kind: 'refused',
        why: 'out-of-range',
        least: read.least,
        most: read.most,
        unit: read.unit,
        likely: read.likely,
        measure,
      };
    case 'read': {
      const judged = judgeReading(read.taken, on);
      if (judged.ok)
        return {
          kind: 'reading',
          reading: { ...read.taken, typed: text.trim(), verdicts: judged.value },
          unlikely: read.unlikely,
          likely: read.likely,
        };
      const { least, most, unit } = judged.issues[0]?.params ?? {};
      return typeof least === 'number' && typeof most === 'number'
        ? {
            kind: 'refused',
            why: 'out-of-range',
            least,
            most,
            unit: String(unit ?? ''),
            likely: null,
            measure,
          }
        : { kind: 'refused', why: 'not-understood' };
    }
  }
}

/** A letter or word is an outcome, a number a reading where the checkpoint takes one. `on`: the bike it is read off. */
export function readCell(
  text: string,
  checkpoint: Pick<Checkpoint, 'measure'>,
  on: MeasuredOn,
  method?: string,
): TypedCell {
  const plain = text.trim().toLowerCase();
  const outcome =
    LETTERS[plain] ??
    Object.values(LETTERS).find((each) => each === plain || each.replace(/-/g, ' ') === plain);
  if (outcome) return { kind: 'outcome', outcome };
  const { measure } = checkpoint;
  return takesReading(measure)
    ? takeReading(measure, text, on, method)
    : { kind: 'refused', why: 'not-understood' };
}

/** Whether a reading lies where nobody may pass it. */
export function isAgainst(reading: Pick<TypedReading, 'verdicts'>): boolean {
  return reading.verdicts.some(speaksAgainst);
}

/**
 * What a reading says by itself of the question it was typed at, given what the person had typed there before. Sound by its limit, where it tells of every fault
 * the checkpoint has: a pass, or fixed when it was outside a moment ago. Outside, or where no limit is known: nothing, the person says.
 */
export function outcomeOfReading(
  reading: TypedReading,
  before: TypedReading | null,
  faults: Checkpoint['faults'],
): Outcome | null {
  if (!reading.verdicts.every((verdict) => verdict.outcome === 'pass') || !settles(reading.measure, faults))
    return null;
  return before !== null && isAgainst(before) ? 'fixed' : 'pass';
}
