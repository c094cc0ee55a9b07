import { USUAL_BUILD } from '@cadre/core/fleet';
import { judgeReading, LIMIT_KEYS, LIMITS, type MeasuredOn, type Taken } from '@cadre/core/measures';

const ON: MeasuredOn = {
  build: USUAL_BUILD.hardtail,
  end: 'front',
  rearSuspension: false,
  fit: {},
  chainPreset: 'by-gearing',
  limits: {},
};

interface Walked {
  readonly name: string;
  readonly taken: Pick<Taken, 'measure' | 'method'>;
  readonly on?: Partial<MeasuredOn>;
  readonly most: number;
  readonly step: number;
  /** What one of the measure's unit is on paper. */
  readonly shown: { readonly unit: string; readonly times: number };
  /** So many equal values make one reading. */
  readonly times?: number;
}

const MM = { unit: 'mm', times: 1 };
const PERCENT = { unit: '%', times: 100 };
const sprockets = (count: number): Partial<MeasuredOn> => ({ build: { ...ON.build, sprockets: count } });
const single: Partial<MeasuredOn> = { build: { ...ON.build, gears: 'single-speed', sprockets: 1 } };

/** Every reading whose meaning hangs on its figure alone, on a bike with nothing but this marked. */
const WALKS: readonly Walked[] = [
  {
    name: 'chain, 11 sprockets and up',
    taken: { measure: 'chain' },
    on: sprockets(11),
    most: 0.02,
    step: 0.00005,
    shown: PERCENT,
  },
  {
    name: 'chain, 2 to 10',
    taken: { measure: 'chain' },
    on: sprockets(9),
    most: 0.02,
    step: 0.00005,
    shown: PERCENT,
  },
  {
    name: 'chain, one sprocket or hub gear',
    taken: { measure: 'chain' },
    on: single,
    most: 0.02,
    step: 0.00005,
    shown: PERCENT,
  },
  { name: 'disc pad, compound', taken: { measure: 'disc-pad' }, most: 4, step: 0.05, shown: MM },
  {
    name: 'disc pad marked by total 3.0',
    taken: { measure: 'disc-pad', method: 'total' },
    on: { fit: { padTotalMinFront: 3 } },
    most: 6,
    step: 0.05,
    shown: MM,
  },
  { name: 'rim pad over its holder', taken: { measure: 'rim-pad' }, most: 4, step: 0.1, shown: MM },
  {
    name: 'rotor marked 1.55',
    taken: { measure: 'rotor' },
    on: { fit: { rotorMinFront: 1.55 } },
    most: 2,
    step: 0.01,
    shown: MM,
    times: 3,
  },
  { name: 'rim brake track', taken: { measure: 'rim-track' }, most: 1, step: 0.05, shown: MM },
  {
    name: 'run-out, rim brake',
    taken: { measure: 'run-out' },
    on: { build: USUAL_BUILD.hybrid },
    most: 6,
    step: 0.1,
    shown: MM,
  },
  { name: 'run-out, disc', taken: { measure: 'run-out' }, most: 6, step: 0.1, shown: MM },
  {
    name: 'tyre, sidewall from 2.1, rim to 3.8 bar',
    taken: { measure: 'tyre-window' },
    on: { fit: { sidewallMinFront: 210, rimMaxFront: 380 } },
    most: 500,
    step: 5,
    shown: { unit: 'bar', times: 0.01 },
  },
  {
    name: 'brake lever, share of its travel',
    taken: { measure: 'lever-travel' },
    most: 1,
    step: 0.01,
    shown: PERCENT,
  },
  {
    name: 'hanger, up to 10 sprockets',
    taken: { measure: 'hanger' },
    on: sprockets(10),
    most: 6,
    step: 0.1,
    shown: MM,
  },
  {
    name: 'hanger, 11 and up',
    taken: { measure: 'hanger' },
    on: sprockets(11),
    most: 6,
    step: 0.1,
    shown: MM,
  },
  { name: 'chain slack', taken: { measure: 'chain-slack' }, most: 25, step: 0.5, shown: MM },
  { name: 'sag, trail fork', taken: { measure: 'sag' }, most: 0.5, step: 0.005, shown: PERCENT },
  {
    name: 'sag, hybrid fork',
    taken: { measure: 'sag' },
    on: { build: USUAL_BUILD.hybrid },
    most: 0.5,
    step: 0.005,
    shown: PERCENT,
  },
  {
    name: 'battery charge in the store',
    taken: { measure: 'battery', method: 'charge' },
    on: { inStore: true },
    most: 1,
    step: 0.05,
    shown: PERCENT,
  },
  {
    name: 'battery health',
    taken: { measure: 'battery', method: 'health' },
    most: 1,
    step: 0.05,
    shown: PERCENT,
  },
];

const written = (value: number, times: number): string => String(Math.round(value * times * 1e4) / 1e4);

/** Where the judge changes its word along one walk: from a figure on, the verdict, what it becomes and the next step. */
function rowsOf({ name, taken, on, most, step, shown, times = 1 }: Walked): readonly (readonly string[])[] {
  const rows: string[][] = [];
  let before = '';
  for (let at = 0; at <= Math.round(most / step); at += 1) {
    const value = Math.round(at * step * 1e6) / 1e6;
    const judged = judgeReading(
      { ...taken, values: Array.from({ length: times }, () => value) },
      { ...ON, ...on },
    );
    if (!judged.ok) continue;
    const [worst] = judged.value;
    const said = worst ? [worst.outcome, worst.becomes, worst.next] : [];
    if (said.join() !== before)
      rows.push([before === '' ? name : '', `from ${written(value, shown.times)} ${shown.unit}`, ...said]);
    before = said.join();
  }
  return rows;
}

/** What every figure means, found by walking the judge over it: nothing here is written twice. */
export function readingRows(): readonly (readonly string[])[] {
  return WALKS.flatMap(rowsOf);
}

/** Every limit a program may set for itself: as shipped, and within what. */
export function limitRows(): readonly (readonly string[])[] {
  return LIMIT_KEYS.map((key) => {
    const { unit, is, least, most } = LIMITS[key];
    const times = unit === 'ratio' ? 100 : 1;
    return [
      key,
      `${written(is, times)} ${unit === 'ratio' ? '%' : unit}`,
      `${written(least, times)} to ${written(most, times)}`,
    ];
  });
}
