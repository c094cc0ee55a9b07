import { forecastWear, type WearPrior } from './forecast';
import type { WearPoint } from './robust-line';

/** How a made-up part wears: evenly, read badly, faster in one season, or faster from some day on. */
export const BACK_TEST_SHAPES = ['steady', 'noisy', 'seasonal', 'stepped'] as const;
export type BackTestShape = (typeof BACK_TEST_SHAPES)[number];

export interface BackTestRow {
  readonly shape: BackTestShape;
  readonly series: number;
  /** How often the truth lay in the 80 % interval, 0 to 1. */
  readonly covered: number;
  /** The middle of how wide the interval is, over the truth. */
  readonly width: number;
}

/** A stream of numbers from 0 to 1 that a seed decides (a linear congruence of 32 bits). */
function streamOf(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 4294967296;
  };
}

const PRIOR: WearPrior = { rate: 1, spread: 0.3, noise: 2 };
const LIMIT = 100;

/** The true wear after some usage, and how much is read off it at most. */
function truthOf(shape: BackTestShape, rate: number, random: () => number): (usage: number) => number {
  switch (shape) {
    case 'seasonal': {
      // Up to a third faster and slower, twice in a life.
      const [swing, phase] = [0.1 + 0.25 * random(), 2 * Math.PI * random()];
      const cycle = 50;
      return (usage) => rate * (usage + swing * (cycle / (2 * Math.PI)) * (Math.sin((2 * Math.PI * usage) / cycle + phase) - Math.sin(phase)));
    }
    case 'stepped': {
      const [when, faster] = [20 + 60 * random(), 0.8 + 0.5 * random()];
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

/** Made-up series of one shape with a known end, forecast from what was read until some day of their life. */
function oneShape(shape: BackTestShape, series: number, seed: number): BackTestRow {
  const random = streamOf(seed);
  const normal = (): number => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
  const noise = shape === 'noisy' ? 4 : 1.5;
  const widths: number[] = [];
  let covered = 0;
  for (let each = 0; each < series; each += 1) {
    const truth = truthOf(shape, Math.max(0.3, PRIOR.rate + PRIOR.spread * normal()), random);
    const end = crossing(truth);
    const until = end * (0.3 + 0.55 * random());
    const count = 1 + Math.floor(8 * random());
    const points: WearPoint[] = Array.from({ length: count }, (_, at) => {
      const usage = (until * (at + 1)) / count;
      return { usage, value: truth(usage) + noise * normal() };
    });
    // A new part reads as new.
    const forecast = forecastWear([{ usage: 0, value: noise * normal() }, ...points], LIMIT, 'more', PRIOR);
    if (!forecast.ok) throw new Error(JSON.stringify(forecast.issues));
    const { least, most } = forecast.value;
    const left = end - until;
    if (left >= least && left <= most) covered += 1;
    widths.push((most - least) / left);
  }
  widths.sort((a, b) => a - b);
  return { shape, series, covered: covered / series, width: widths[Math.floor(series / 2)] ?? 0 };
}

/** Tries the forecast on made-up series of every shape with known truth. The same seed tells the same. */
export function backTest(seriesEach: number, seed: number): readonly BackTestRow[] {
  return BACK_TEST_SHAPES.map((shape, at) => oneShape(shape, seriesEach, seed + at * 7919));
}
