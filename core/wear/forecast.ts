import type { FieldIssue } from '@cadre/core/errors';
import { middle, robustLine, type WearPoint } from './robust-line';

/** What the fleet knows of parts like this one, in the measure's unit and per unit of usage. */
export interface WearPrior {
  /** How fast they wear: over 0. */
  readonly rate: number;
  /** How much that differs from bike to bike: a standard deviation, over 0. */
  readonly spread: number;
  /** How much a hand and its tool differ from reading to reading: a standard deviation, over 0. */
  readonly noise: number;
}

export interface WearForecast {
  /** Wear per unit of usage, over 0, whichever way the figure goes. */
  readonly rate: number;
  /** The line's value at the last reading. */
  readonly level: number;
  /** Usage left until the limit, from the last reading; 0 when it is reached. */
  readonly left: number;
  /** The 80 % interval of that. */
  readonly least: number;
  readonly most: number;
  /** What it rests on: this part's own line, both, or the fleet's rate alone. */
  readonly basis: 'own' | 'shared' | 'fleet';
  readonly readings: number;
}

export type WearAnswer = { readonly ok: true; readonly value: WearForecast } | { readonly ok: false; readonly issues: readonly FieldIssue[] };

/** How much a part's rate itself changes over its life, as a share: seasons, riders, a wet month. Source: the back-test. */
const CHANGES = 0.09;
/** The fleet's noise weighs as so many readings of one's own. */
const NOISE_WEIGHT = 1;
/** A robust slope spreads a little more than the best one would. */
const ROBUST = 1.1;
const OWN_LINE = 3;

/** Equally likely places of a standard normal: the middles of 21 equal shares. */
const NODES: readonly number[] = Array.from({ length: 21 }, (_, at) => normalQuantile((at + 0.5) / 21));

/** The standard normal's quantile, 0 < p < 1, to about 1e-4 (a rational approximation). */
function normalQuantile(p: number): number {
  const tail = Math.min(p, 1 - p);
  const t = Math.sqrt(-2 * Math.log(tail));
  const z = t - (2.515517 + 0.802853 * t + 0.010328 * t * t) / (1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t ** 3);
  return p < 0.5 ? -z : z;
}

function refusals(points: readonly WearPoint[], limit: number, prior: WearPrior): readonly FieldIssue[] {
  const wrong = (path: string, ok: boolean, code = 'not-a-number'): FieldIssue[] => (ok ? [] : [{ path, code }]);
  return [
    ...wrong('points', points.length > 0, 'required'),
    ...points.flatMap(({ usage, value }, at) => wrong(`points.${at}`, Number.isFinite(usage) && usage >= 0 && Number.isFinite(value))),
    ...wrong('limit', Number.isFinite(limit)),
    ...(['rate', 'spread', 'noise'] as const).flatMap((key) => wrong(`prior.${key}`, Number.isFinite(prior[key]) && prior[key] > 0)),
  ];
}

interface Line {
  readonly rate: number;
  readonly rateVar: number;
  readonly basis: WearForecast['basis'];
}

function noiseVariance(points: readonly WearPoint[], rate: number, prior: WearPrior): number {
  const start = middle(points.map((point) => point.value - rate * point.usage));
  const own = points.reduce((sum, point) => sum + (point.value - start - rate * point.usage) ** 2, 0);
  const freedom = Math.max(0, points.length - 2);
  return (NOISE_WEIGHT * prior.noise ** 2 + (freedom > 0 ? own : 0)) / (NOISE_WEIGHT + freedom);
}

/** How far the usages lie apart: the sum of squares about their mean. */
function spreadOf(points: readonly WearPoint[]): number {
  const mean = points.reduce((sum, point) => sum + point.usage, 0) / points.length;
  return points.reduce((sum, point) => sum + (point.usage - mean) ** 2, 0);
}

/** The rate: its own line from three readings on, before that drawn towards the fleet's, each by how sure it is. A part does not heal: a line that says so is drawn too. */
function lineOf(points: readonly WearPoint[], prior: WearPrior): Line {
  const own = robustLine(points);
  if (!own) return { rate: prior.rate, rateVar: prior.spread ** 2, basis: 'fleet' };
  const ownVar = (ROBUST * noiseVariance(points, own.rate, prior)) / spreadOf(points);
  if (points.length >= OWN_LINE && own.rate > 2 * Math.sqrt(ownVar)) return { rate: own.rate, rateVar: ownVar, basis: 'own' };
  const [a, b] = [1 / ownVar, 1 / prior.spread ** 2];
  return { rate: Math.max((own.rate * a + prior.rate * b) / (a + b), prior.rate * 0.1), rateVar: 1 / (a + b), basis: 'shared' };
}

/**
 * How much usage is left until a part's reading reaches its limit, with an 80 % interval. `worse` says which way it wears. Readings in any order; usage since fitting, 0 and up. Three
 * readings and more: a robust line of its own. Fewer: its rate is drawn towards the fleet's, weighted by how sure each is.
 */
export function forecastWear(points: readonly WearPoint[], limit: number, worse: 'more' | 'less', prior: WearPrior): WearAnswer {
  const issues = refusals(points, limit, prior);
  if (issues.length > 0) return { ok: false, issues };
  const sign = worse === 'more' ? 1 : -1;
  const worn = points.map(({ usage, value }) => ({ usage, value: sign * value })).sort((a, b) => a.usage - b.usage);
  const last = worn.at(-1)?.usage ?? 0;
  const { rate, rateVar, basis } = lineOf(worn, prior);
  const start = middle(worn.map((point) => point.value - rate * point.usage));
  const level = start + rate * last;
  const mean = worn.reduce((sum, point) => sum + point.usage, 0) / worn.length;
  const levelVar = noiseVariance(worn, rate, prior) / worn.length + rateVar * (last - mean) ** 2;
  const distance = sign * limit - level;
  // Rates are never under nothing: their spread is taken of the logarithm.
  const rateSd = Math.sqrt(Math.log(1 + rateVar / rate ** 2 + CHANGES ** 2));
  const levelSd = Math.sqrt(levelVar);
  const lefts = NODES.flatMap((a) => NODES.map((b) => Math.max(0, (distance + levelSd * a) / (rate * Math.exp(rateSd * b))))).sort((x, y) => x - y);
  const at = (share: number): number => lefts[Math.round(share * (lefts.length - 1))] ?? 0;
  const left = Math.max(0, distance / rate);
  return {
    ok: true,
    value: { rate, level: sign * level, left, least: Math.min(at(0.1), left), most: Math.max(at(0.9), left), basis, readings: points.length },
  };
}
