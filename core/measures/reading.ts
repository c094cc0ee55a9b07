import { elongationByGauge, elongationByLength, elongationByRuler } from './chain';
import { MEASURES, type Measure } from './measures';
import { readNumber, readQuantity } from './quantity';
import type { Taken } from './judge-reading';
import type { Measured } from './measured';

/** What can physically be read, and what is usual, in the core's unit. */
interface Range {
  readonly least: number;
  readonly most: number;
  /** Outside this it is possible but unlikely: asked once. */
  readonly usual: readonly [number, number];
  /** How many values one reading takes. */
  readonly few: number;
  readonly many: number;
}

const range = (least: number, most: number, usual: readonly [number, number], few = 1, many = 1): Range => ({
  least,
  most,
  usual,
  few,
  many,
});

/**
 * Everything a person reads off a part, with its ranges. Source: bicycle tyres are blown up to some tens of kPa at least and 1100 kPa at
 * most; wear is told in millimetres of parts that are never thicker than these; a share is never over the whole.
 */
const RANGES: Partial<Record<Measure, Range>> = {
  chain: range(-0.005, 0.05, [-0.001, 0.02]),
  'tyre-window': range(0, 1100, [50, 800]),
  pressure: range(0, 3000, [100, 2200]),
  'disc-pad': range(0, 10, [0.3, 6], 1, 2),
  'rim-pad': range(0, 20, [0.3, 15]),
  rotor: range(0.5, 4, [1, 2.5], 3, 24),
  'rim-track': range(0, 3, [0, 1.5]),
  'rim-wall': range(0, 6, [0.5, 4]),
  'run-out': range(0, 50, [0, 15], 1, 2),
  spokes: range(0, 2000, [0, 1200], 4, 40),
  hanger: range(0, 60, [0, 30], 1, 8),
  'chain-slack': range(0, 80, [1, 40]),
  'lever-travel': range(0, 1, [0.05, 1]),
  sag: range(0, 1, [0.02, 0.6]),
  battery: range(0, 1, [0, 1]),
  sealant: range(0, 500, [0, 250]),
};

/** Whether a person reads this off the part and types it. */
export function takesReading(measure: string | undefined): measure is Measure {
  return measure !== undefined && measure in RANGES;
}

/** Whether one number says all of it. */
export function takesOneReading(measure: string | undefined): measure is Measure {
  return takesReading(measure) && RANGES[measure]?.few === 1;
}

/** How many values a reading takes, from and to. */
export function valuesOf(measure: Measure): { readonly few: number; readonly many: number } {
  const { few = 1, many = 1 } = RANGES[measure] ?? {};
  return { few, many };
}

/** What a bare number of this measure is taken in, as it is written on screen. */
export function bareUnitOf(measure: Measure): string {
  if (measure === 'spokes') return '';
  if (MEASURES[measure] === 'kPa') return 'bar';
  return MEASURES[measure] === 'ratio' ? '%' : MEASURES[measure];
}

/** The ways a measure is taken that mean different things; the first is meant when none is said. */
export const METHODS: Partial<Record<Measure, readonly string[]>> = {
  chain: ['gauge', 'length', 'ruler'],
  'disc-pad': ['compound', 'total'],
  spokes: ['meter', 'pitch'],
  'rim-pad': ['line-there', 'line-gone'],
  'rim-track': ['mark-there', 'mark-gone'],
  sealant: ['left', 'poured'],
  battery: ['charge', 'health'],
};

/** The slip a wrong unit would be: with it the number would be a usual one. */
export type LikelySlip = 'psi' | 'bar' | 'mm' | null;

export type ReadReading =
  | { readonly state: 'read'; readonly taken: Taken; readonly unlikely: boolean; readonly likely: LikelySlip }
  | { readonly state: 'not-a-number' }
  | { readonly state: 'how-many'; readonly few: number; readonly many: number }
  | {
      readonly state: 'out-of-range';
      readonly least: number;
      readonly most: number;
      readonly unit: string;
      readonly likely: LikelySlip;
    };

const NOT_A_NUMBER = { state: 'not-a-number' } as const;

/** Two numbers, one over or out of the other: "612.6/24", "34 of 160 mm", "1/16". */
function pairOf(text: string): readonly [number, number] | null {
  const match = /^([\d.,]+)\s*(?:mm)?\s*(?:\/|of|over|on)\s*([\d.,]+)\s*(?:mm|links?|wh)?$/i.exec(text);
  const [first, second] = [readNumber(match?.[1] ?? ''), readNumber(match?.[2] ?? '')];
  return first === null || second === null ? null : [first, second];
}

function taking(measure: Measure, method: string, answer: Measured<number>): ReadReading | Taken {
  if (answer.ok) return { measure, method, values: [answer.value] };
  const [first] = answer.issues;
  const { least, most, unit } = first?.params ?? {};
  if (typeof least === 'number' && typeof most === 'number')
    return { state: 'out-of-range', least, most, unit: String(unit ?? ''), likely: null };
  return NOT_A_NUMBER;
}

/** Sixteenths of an inch over twelve: "1/16", "12 1/16", "12 1/16 in". Null: no ruler's reading. */
function sixteenthsOf(text: string): number | null {
  const match = /^(?:12\s+)?(\d+)\/(8|16|32)\s*(?:in|")?$/i.exec(text);
  return match ? (Number(match[1]) * 16) / Number(match[2]) : null;
}

/** A chain, however it was measured: "0.5", "0.5-0.75 %" (gauge), "612.6/24" (mm over links), "1/16" (inch over twelve). */
function readChain(text: string): ReadReading | Taken {
  const sixteenths = sixteenthsOf(text);
  if (sixteenths !== null) return taking('chain', 'ruler', elongationByRuler(sixteenths));
  const pair = pairOf(text);
  if (pair) return taking('chain', 'length', elongationByLength(pair[0], pair[1]));
  const band = /^([\d.,]+)\s*(?:-|–|to)\s*([\d.,]+)\s*%?$/.exec(text);
  const lower = readNumber(band?.[1] ?? text.replace(/^[<>]\s*/, '').replace(/\s*%$/, ''));
  if (lower === null || (band && (readNumber(band[2] ?? '') ?? -1) <= lower)) return NOT_A_NUMBER;
  return taking('chain', 'gauge', elongationByGauge(text.startsWith('<') ? 0 : lower / 100));
}

/** A share: "34/160", "62 %", or a bare number in percent. */
function readShare(measure: Measure, text: string, method: string | undefined): ReadReading | Taken {
  const pair = pairOf(text);
  const percent = readNumber(text.replace(/\s*%$/, ''));
  const value = pair ? (pair[1] > 0 ? pair[0] / pair[1] : null) : percent === null ? null : percent / 100;
  return value === null ? NOT_A_NUMBER : { measure, values: [value], ...(method ? { method } : {}) };
}

/** One number or several, apart by spaces or semicolons, with a unit behind the last or each: "1.62 1.58 1.56", "2,4; 2,1 mm". */
function readList(measure: Measure, text: string, said: string | undefined): ReadReading | Taken {
  const pitch = /\s*hz$/i.test(text);
  const total = /\s*total$/i.test(text);
  const plain = text.replace(/\s*(hz|total|compound)$/i, '');
  const unit = /([a-z"]+)\s*$/i.exec(plain)?.[1] ?? '';
  const numbers = plain
    .replace(/[a-z"]+/gi, ' ')
    .split(/[\s;|]+/)
    .filter(Boolean)
    .map((each) => readNumber(each));
  const values = numbers.map((each) =>
    each === null ? null : MEASURES[measure] === 'mm' && unit ? readQuantity(`${each} ${unit}`, 'mm') : each,
  );
  if (values.length === 0 || values.some((each) => each === null)) return NOT_A_NUMBER;
  const method = pitch ? 'pitch' : total ? 'total' : said;
  return { measure, values: values as number[], ...(method ? { method } : {}) };
}

function readPressure(measure: Measure, text: string): Taken | null {
  const bare = readNumber(text);
  const value = bare === null ? readQuantity(text, 'kPa') : bare * 100;
  return value === null ? null : { measure, values: [value] };
}

function parsed(measure: Measure, text: string, method: string | undefined): ReadReading | Taken {
  switch (measure) {
    case 'chain':
      return readChain(text);
    case 'sag':
    case 'lever-travel':
    case 'battery':
      return readShare(measure, text, method);
    case 'tyre-window':
    case 'pressure':
      return readPressure(measure, text) ?? NOT_A_NUMBER;
    default:
      return readList(measure, text, method);
  }
}

function likelySlip(
  measure: Measure,
  text: string,
  value: number,
  isUsual: (value: number) => boolean,
): LikelySlip {
  if (MEASURES[measure] !== 'kPa' || isUsual(value)) return null;
  const bare = readNumber(text);
  if (bare !== null && isUsual(readQuantity(`${bare} psi`, 'kPa') ?? -1)) return 'psi';
  return /psi/i.test(text) ? 'bar' : null;
}

/**
 * A reading as people type it ("2,4", "35 psi", "1/16", "0.5-0.75", "612.6/24", "1.62 1.58 1.56", "62 %"), in the core's unit. A bare
 * pressure is taken in bar. `method`: as chosen, where the text does not say it. What cannot be is refused with its range; what is unlikely is read, and told so
 * that it can be asked once.
 */
export function readReading(measure: Measure, typed: string, method?: string): ReadReading {
  const range = RANGES[measure];
  const text = typed.trim();
  if (!range || text === '') return NOT_A_NUMBER;
  const taken = parsed(measure, text, method);
  if ('state' in taken) return taken;
  if (taken.values.length < range.few || taken.values.length > range.many)
    return { state: 'how-many', few: range.few, many: range.many };
  const isUsual = (value: number): boolean => value >= range.usual[0] && value <= range.usual[1];
  const strange = taken.values.find((value) => !isUsual(value));
  const likely = strange === undefined ? null : likelySlip(measure, text, strange, isUsual);
  if (taken.values.some((value) => value < range.least || value > range.most))
    return { state: 'out-of-range', least: range.least, most: range.most, unit: MEASURES[measure], likely };
  return { state: 'read', taken, unlikely: strange !== undefined, likely };
}
