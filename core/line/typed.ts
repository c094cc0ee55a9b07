import type { Checkpoint } from '@cadre/core/catalogue';
import type { Outcome } from '@cadre/core/checks';
import {
  pressureVerdict,
  readReading,
  takesOneReading,
  type LikelySlip,
  type Measure,
  type PressureVerdict,
  type PressureWindow,
} from '@cadre/core/measures';

/** The letters of the line. `f` and `w` open the usual faults; the others mark at once. */
const LETTERS: Readonly<Record<string, Outcome>> = { s: 'sound', f: 'fault', w: 'watch', n: 'not-looked-at', p: 'put-right' };

export interface TypedReading {
  readonly measure: Measure;
  readonly value: number;
  readonly typed: string;
  /** Where it stands in the window marked on the tyre; null for what has no window. */
  readonly verdict: PressureVerdict | null;
}

/** What a text typed or pasted into a cell of the line means. */
export type TypedCell =
  | { readonly kind: 'outcome'; readonly outcome: Outcome }
  | { readonly kind: 'reading'; readonly reading: TypedReading; readonly unlikely: boolean; readonly likely: LikelySlip }
  | { readonly kind: 'refused'; readonly why: 'not-understood' }
  | {
      readonly kind: 'refused';
      readonly why: 'out-of-range';
      readonly least: number;
      readonly most: number;
      readonly likely: LikelySlip;
      readonly measure: Measure;
    };

/** A letter or word is an outcome, a number a reading where the checkpoint takes one. `window`: of this bike's tyre at this end. */
export function readCell(text: string, checkpoint: Pick<Checkpoint, 'measure'>, window: PressureWindow | null): TypedCell {
  const plain = text.trim().toLowerCase();
  const outcome = LETTERS[plain] ?? Object.values(LETTERS).find((each) => each === plain || each.replace(/-/g, ' ') === plain);
  if (outcome) return { kind: 'outcome', outcome };
  const { measure } = checkpoint;
  if (!takesOneReading(measure)) return { kind: 'refused', why: 'not-understood' };
  const read = readReading(measure, text);
  if (read.state === 'not-a-number') return { kind: 'refused', why: 'not-understood' };
  if (read.state === 'out-of-range')
    return { kind: 'refused', why: 'out-of-range', least: read.least, most: read.most, likely: read.likely, measure };
  const verdict = measure === 'tyre-window' ? pressureVerdict(read.value, window ?? { floor: null, ceiling: null }) : null;
  return { kind: 'reading', reading: { measure, value: read.value, typed: text.trim(), verdict }, unlikely: read.unlikely, likely: read.likely };
}

/**
 * What a reading says by itself of the cell it was typed into, given what the person had typed there before. Inside the window:
 * sound, or put right when it was outside a moment ago. Outside, or where no limit is known: nothing, the person says.
 */
export function outcomeOfReading(reading: TypedReading, before: TypedReading | null): Outcome | null {
  if (reading.verdict !== 'inside') return null;
  const wasOutside = before !== null && before.verdict !== null && before.verdict !== 'inside' && before.verdict !== 'unknown';
  return wasOutside ? 'put-right' : 'sound';
}
