import { MEASURES, type Measure } from './measures';
import { readNumber, readQuantity } from './quantity';

/** What can physically be read, and what is usual, in the core's unit. */
interface Range {
  readonly least: number;
  readonly most: number;
  /** Outside this it is possible but unlikely: asked once. */
  readonly usual: readonly [number, number];
}

/**
 * The measures one number says, with their ranges. Those that take several numbers or a method of their own are not in it.
 * Source: bicycle tyres are blown up to some tens of kPa at least and 1100 kPa at most; wear is told in millimetres of parts
 * that are never thicker than these.
 */
const RANGES: Partial<Record<Measure, Range>> = {
  'tyre-window': { least: 0, most: 1100, usual: [50, 800] },
  pressure: { least: 0, most: 3000, usual: [100, 2200] },
  'disc-pad': { least: 0, most: 10, usual: [0.3, 6] },
  'rim-pad': { least: 0, most: 20, usual: [0.3, 15] },
  rotor: { least: 0.5, most: 4, usual: [1, 2.5] },
  'rim-track': { least: 0, most: 3, usual: [0, 1.5] },
  'run-out': { least: 0, most: 50, usual: [0, 15] },
  hanger: { least: 0, most: 60, usual: [0, 30] },
  'chain-slack': { least: 0, most: 80, usual: [1, 40] },
  battery: { least: 0, most: 1, usual: [0, 1] },
};

export function takesOneReading(measure: string | undefined): measure is Measure {
  return measure !== undefined && measure in RANGES;
}

/** What a bare number of this measure is taken in, as it is written on screen. */
export function bareUnitOf(measure: Measure): string {
  if (MEASURES[measure] === 'kPa') return 'bar';
  return MEASURES[measure] === 'ratio' ? '%' : MEASURES[measure];
}

/** The slip a wrong unit would be: with it the number would be a usual one. */
export type LikelySlip = 'psi' | 'bar' | 'mm' | null;

export type ReadReading =
  | { readonly state: 'read'; readonly value: number; readonly unlikely: boolean; readonly likely: LikelySlip }
  | { readonly state: 'not-a-number' }
  | { readonly state: 'out-of-range'; readonly least: number; readonly most: number; readonly likely: LikelySlip };

function valueOf(measure: Measure, typed: string): number | null {
  const bare = readNumber(typed);
  switch (MEASURES[measure]) {
    case 'kPa':
      return bare === null ? readQuantity(typed, 'kPa') : bare * 100;
    case 'mm':
      return readQuantity(typed, 'mm');
    default: {
      const percent = readNumber(typed.replace(/%\s*$/, ''));
      return percent === null ? null : percent / 100;
    }
  }
}

/**
 * A reading of one number as people type it ("2,4", "35 psi", "1.5mm", "62 %"), in the core's unit. A bare pressure is taken in bar.
 * What cannot be is refused with its range; what is unlikely is read, and told so that it can be asked once.
 */
export function readReading(measure: Measure, typed: string): ReadReading {
  const range = RANGES[measure];
  const value = range ? valueOf(measure, typed) : null;
  if (!range || value === null) return { state: 'not-a-number' };
  const bare = readNumber(typed);
  const usual = (other: number | null): boolean => other !== null && other >= range.usual[0] && other <= range.usual[1];
  const likely: LikelySlip =
    MEASURES[measure] !== 'kPa'
      ? null
      : bare !== null && !usual(value) && usual(readQuantity(`${bare} psi`, 'kPa'))
        ? 'psi'
        : /psi/i.test(typed) && !usual(value)
          ? 'bar'
          : null;
  if (value < range.least || value > range.most) return { state: 'out-of-range', least: range.least, most: range.most, likely };
  return { state: 'read', value, unlikely: !usual(value), likely };
}
