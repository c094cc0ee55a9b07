import { normalsOf, streamOf } from '@cadre/core/draws';
import { changeOfPace, fleetPrior, forecastWear, type WearPoint, type WearPrior } from '@cadre/core/wear';

/** How a made-up part wears: evenly, read badly, faster in one season, or at another pace from some day on. */
export const SHAPES = ['steady', 'noisy', 'seasonal', 'stepped'] as const;
export type Shape = (typeof SHAPES)[number];
/** How many readings a forecast rests on. */
export const COUNTS = [[1], [2], [3], [4], [5, 6, 7, 8, 9]] as const;

export interface BackTestCell {
  readonly shape: Shape;
  readonly readings: readonly number[];
  readonly series: number;
  /** How often the truth lay in the 80 % interval, 0 to 1. */
  readonly covered: number;
  /** The middle of how wide the interval is, over the truth. */
  readonly width: number;
}

/** How parts of a made-up fleet wear, and what is usual of such parts before the fleet has series of its own. */
const FLEET = { rate: 1, spread: 0.3 } as const;
const USUAL: WearPrior = { rate: 1, spread: 0.3, noise: 2, changes: 0.12 };
/** So many parts of a fleet were worn out before, read so often each: what it knows comes from them. */
const WORN_BEFORE = 24;
const READ_EACH = 8;
/** So many parts are forecast by what one fleet knows. */
const PARTS_OF_FLEET = 20;
const LIMIT = 100;

/** The true wear after some usage. */
function truthOf(shape: Shape, rate: number, random: () => number): (usage: number) => number {
  switch (shape) {
    case 'seasonal': {
      // Up to a third faster and slower, twice in a life.
      const [swing, phase] = [0.1 + 0.25 * random(), 2 * Math.PI * random()];
      const cycle = 50;
      return (usage) =>
        rate *
        (usage +
          swing *
            (cycle / (2 * Math.PI)) *
            (Math.sin((2 * Math.PI * usage) / cycle + phase) - Math.sin(phase)));
    }
    case 'stepped': {
      const [when, faster] = [20 + 60 * random(), 0.85 + 0.35 * random()];
      return (usage) => rate * (Math.min(usage, when) + faster * Math.max(0, usage - when));
    }
    default:
      return (usage) => rate * usage;
  }
}

/** Where a rising truth reaches the limit: by halving. */
function crossing(truth: (usage: number) => number): number {
  let [low, high] = [0, 1000];
  for (let step = 0; step < 60; step += 1) {
    const half = (low + high) / 2;
    if (truth(half) < LIMIT) low = half;
    else high = half;
  }
  return high;
}

const noiseOf = (shape: Shape): number => (shape === 'noisy' ? 4 : 1.5);

/** Readings spread over the life of a part until some day of it. */
function readingsOf(
  truth: (usage: number) => number,
  until: number,
  count: number,
  noise: number,
  random: () => number,
): WearPoint[] {
  return Array.from({ length: count }, (_, at) => {
    const usage = (until * (at + 1)) / count;
    return { usage, value: truth(usage) + noise * normalsOf(random)() };
  });
}

const drawnRate = (random: () => number): number =>
  Math.max(0.3, FLEET.rate + FLEET.spread * normalsOf(random)());

/** What a fleet learnt from parts of one shape that were worn to the end. */
function fleetOf(shape: Shape, random: () => number): WearPrior {
  const series = Array.from({ length: WORN_BEFORE }, () => {
    const truth = truthOf(shape, drawnRate(random), random);
    return readingsOf(truth, crossing(truth), READ_EACH, noiseOf(shape), random);
  });
  return fleetPrior(series, 'more', USUAL);
}

/** Made-up series of one shape and so many readings with a known end, forecast from what was read until some day. `knows`: what the fleet is taken to know instead. */
export function backTestCell(
  shape: Shape,
  readings: readonly number[],
  series: number,
  seed: number,
  knows: Partial<WearPrior> = {},
): BackTestCell {
  const random = streamOf(seed);
  let fleet = fleetOf(shape, random);
  const widths: number[] = [];
  let covered = 0;
  for (let each = 0; each < series; each += 1) {
    if (each % PARTS_OF_FLEET === 0) fleet = fleetOf(shape, random);
    const truth = truthOf(shape, drawnRate(random), random);
    const end = crossing(truth);
    const until = end * (0.3 + 0.55 * random());
    const count = readings[each % readings.length] ?? 1;
    const forecast = forecastWear(readingsOf(truth, until, count, noiseOf(shape), random), LIMIT, 'more', {
      ...fleet,
      ...knows,
    });
    if (!forecast.ok) throw new Error(JSON.stringify(forecast.issues));
    const { least, most } = forecast.value;
    const left = end - until;
    if (left >= least && left <= most) covered += 1;
    widths.push((most - least) / left);
  }
  widths.sort((a, b) => a - b);
  return { shape, readings, series, covered: covered / series, width: widths[Math.floor(series / 2)] ?? 0 };
}

/** Every shape with every count of readings. The same seed tells the same. */
export function backTest(seriesEach: number, seed: number): readonly BackTestCell[] {
  return SHAPES.flatMap((shape, row) =>
    COUNTS.map((readings, column) =>
      backTestCell(shape, readings, seriesEach, seed + row * 7919 + column * 104_729),
    ),
  );
}

/** Coverage over several cells, each series counting once. */
export function pooled(cells: readonly BackTestCell[]): number {
  const all = cells.reduce((sum, { series }) => sum + series, 0);
  return cells.reduce((sum, { covered, series }) => sum + covered * series, 0) / Math.max(1, all);
}

/** What the readings after a change of pace look like: as before, a jump at once, or thrice the rate from then on. */
export const CHANGES = ['none', 'jump', 'faster'] as const;

/** How often a change of pace is said of made-up series with two readings after it (or after nothing at all). */
export function saidOf(change: (typeof CHANGES)[number], shape: Shape, series: number, seed: number): number {
  const random = streamOf(seed);
  const noise = noiseOf(shape);
  let said = 0;
  for (let each = 0; each < series; each += 1) {
    const rate = drawnRate(random);
    const truth = truthOf(shape, rate, random);
    const count = 4 + (each % 6);
    const step = 60 / count;
    // Half a step before the second last reading: two lie after it.
    const when = step * (count - 1.5);
    const jump = change === 'jump' ? 12 * Math.max(noise, 2) : 0;
    const more = change === 'faster' ? 2 * rate : 0;
    const points = Array.from({ length: count }, (_, at): WearPoint => {
      const usage = step * (at + 1);
      const after = usage > when;
      return {
        usage,
        value: truth(usage) + (after ? jump + more * (usage - when) : 0) + noise * normalsOf(random)(),
      };
    });
    if (changeOfPace(points, { ...USUAL, noise })) said += 1;
  }
  return said / series;
}
