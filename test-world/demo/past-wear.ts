import { readReading, type Measure } from '@cadre/core/measures';
import type { Exception } from '@cadre/test-world/builders';
import { streamOf } from '@cadre/core/draws';

/** Bikes whose wear is measured through the past: every so many days the wet-season round with gauge and caliper. */
export const MEASURED: Readonly<
  Record<string, { readonly everyDays: number; readonly hard: number; readonly ridden: boolean }>
> = {
  H01: { everyDays: 14, hard: 1, ridden: false },
  H02: { everyDays: 14, hard: 1.3, ridden: false },
  H04: { everyDays: 18, hard: 0.8, ridden: false },
  H05: { everyDays: 22, hard: 1.1, ridden: false },
  H16: { everyDays: 12, hard: 1.2, ridden: true },
  Q23: { everyDays: 20, hard: 0.9, ridden: false },
  Q24: { everyDays: 20, hard: 1.1, ridden: false },
};
/** On this day of the past a bike had a new chain. */
export const NEW_CHAIN: Readonly<Record<string, number>> = { H02: 48 };
/** The bike that is ridden by the book goes out every so many days. */
export const RIDDEN_EVERY_DAYS = 3;

interface Wearing {
  readonly checkpoint: string;
  readonly measure: Measure;
  readonly positions: readonly string[];
  readonly start: number;
  /** A day, at usual hardness. */
  readonly rate: number;
  readonly noise: number;
  readonly typed: (value: number) => string;
}

const fixed = (value: number, digits = 2): string => value.toFixed(digits);
const DISC: readonly Wearing[] = [
  {
    checkpoint: 'disc-pads',
    measure: 'disc-pad',
    positions: ['front', 'rear'],
    start: 3.1,
    rate: 0.012,
    noise: 0.08,
    typed: (mm) => fixed(mm, 1),
  },
  {
    checkpoint: 'rotor-thickness',
    measure: 'rotor',
    positions: ['front', 'rear'],
    start: 1.79,
    rate: 0.0009,
    noise: 0.008,
    typed: (mm) => `${fixed(mm)} ${fixed(mm + 0.01)} ${fixed(mm + 0.02)}`,
  },
];
const CHAIN: Wearing = {
  checkpoint: 'chain-wear',
  measure: 'chain',
  positions: ['only'],
  start: 0.0006,
  rate: 0.000032,
  noise: 0.00015,
  // Over 24 full links, by the caliper.
  typed: (ratio) => `${fixed(609.6 * (1 + ratio))}/24`,
};

/** What a caliper finds on a bike so many days into its past: it only wears, read by a hand that is never quite sure. */
export function readingsAt(tag: string, day: number): readonly Exception[] {
  const hard = MEASURED[tag]?.hard ?? 1;
  const renewed = NEW_CHAIN[tag] ?? Infinity;
  const random = streamOf(day * 7919 + [...tag].reduce((sum, letter) => sum * 31 + letter.charCodeAt(0), 7));
  const worn = tag.startsWith('H') ? [...DISC, CHAIN] : [CHAIN];
  return worn.flatMap((thing) =>
    thing.positions.map((position): Exception => {
      const way = thing.measure === 'chain' ? 1 : -1;
      // The rear does less on a brake, and more on a chain there is only one.
      const share = position === 'rear' ? 0.8 : 1;
      const value = Math.max(
        0,
        thing.start +
          way *
            thing.rate *
            hard *
            share *
            (thing.measure === 'chain' && day >= renewed ? day - renewed : day) +
          (random() + random() - 1) * thing.noise,
      );
      const typed = thing.typed(value);
      const read = readReading(thing.measure, typed);
      if (read.state !== 'read') throw new Error(`the demo reads no ${thing.measure} in ${typed}`);
      return {
        checkpoint: thing.checkpoint,
        position,
        more: {
          way: 'single',
          reading: { ...read.taken, values: [...read.taken.values], typed, unit: 'mm' },
        },
      };
    }),
  );
}
