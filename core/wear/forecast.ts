import type { FieldCode, FieldIssue } from '@cadre/core/errors';
import { changeOfPace } from './change-of-pace';
import { changesOf } from './changes';
import { middle, robustLine, spreadOf, type WearPoint } from './robust-line';

/** What the fleet knows of parts like this one, in the measure's unit and per unit of usage. */
export interface WearPrior {
  /** How fast they wear: over 0. */
  readonly rate: number;
  /** How much that differs from bike to bike: a standard deviation, over 0. */
  readonly spread: number;
  /** How much a hand and its tool differ from reading to reading: a standard deviation, over 0. */
  readonly noise: number;
  /** How much a part's own pace changes over its life, as a share of its rate: seasons, riders, a wet month. 0 and up. */
  readonly changes: number;
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
  /** It wears faster than before, or lost much at once: only the readings since count. */
  readonly isFaster: boolean;
  /** Its own readings and the fleet's rate do not go together. */
  readonly isAtOdds: boolean;
}

export type WearAnswer =
  | { readonly ok: true; readonly value: WearForecast }
  | { readonly ok: false; readonly issues: readonly FieldIssue[] };

/** The fleet's noise weighs as so many readings of one's own. */
const NOISE_WEIGHT = 2;
/** From so many readings on the newest half of them has a line of its own. */
const LATELY_FROM = 5;
/** What the variance of line and level is worth: a line found from noise that was drawn towards the fleet's is surer than that noise says. Found by the back-test. */
const LINE_VARIANCE = 0.64;
/** Noise found from few readings may be more: the tails are as heavy as after so many. Found by the back-test. */
const NOISE_FREEDOM = 9;
/** A fleet's rates are known from a few dozen parts: their variance is a little more than those say. Found by the back-test. */
const FLEET_DOUBT = 1.15;
/** From its last reading on a pace differs from the whole line's by so many times what thirds of a life do. Found by the back-test. */
const FROM_NOW_ON = 1.76;
const OWN_LINE = 3;
/** A line this many standard deviations off the fleet's rate says that the fleet knows little of this part. */
const AT_ODDS = 2;

/** Thirteen equally likely places of a standard normal: the middles of as many equal shares. */
const NODES: readonly number[] = Array.from({ length: 13 }, (_, at) => normalQuantile((at + 0.5) / 13));

/** The standard normal's quantile, 0 < p < 1, to about 1e-4 (a rational approximation). */
function normalQuantile(p: number): number {
  const tail = Math.min(p, 1 - p);
  const t = Math.sqrt(-2 * Math.log(tail));
  const z =
    t -
    (2.515517 + 0.802853 * t + 0.010328 * t * t) / (1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t ** 3);
  return Math.sign(p - 0.5) * z;
}

function refusals(points: readonly WearPoint[], limit: number, prior: WearPrior): readonly FieldIssue[] {
  const wrong = (path: string, ok: boolean, code: FieldCode = 'not-a-number'): FieldIssue[] =>
    ok ? [] : [{ path, code }];
  return [
    ...wrong('points', points.length > 0, 'required'),
    ...points.flatMap(({ usage, value }, at) =>
      wrong(`points.${at}`, Number.isFinite(usage) && usage >= 0 && Number.isFinite(value)),
    ),
    ...wrong('limit', Number.isFinite(limit)),
    ...(['rate', 'spread', 'noise'] as const).flatMap((key) =>
      wrong(`prior.${key}`, Number.isFinite(prior[key]) && prior[key] > 0),
    ),
    ...wrong('prior.changes', Number.isFinite(prior.changes) && prior.changes >= 0),
  ];
}

interface Line {
  readonly rate: number;
  readonly rateVar: number;
  readonly basis: WearForecast['basis'];
  readonly isAtOdds: boolean;
}

function noiseVariance(points: readonly WearPoint[], rate: number, prior: WearPrior): number {
  const start = middle(points.map((point) => point.value - rate * point.usage));
  const own = points.reduce((sum, point) => sum + (point.value - start - rate * point.usage) ** 2, 0);
  const freedom = Math.max(0, points.length - 2);
  return (NOISE_WEIGHT * prior.noise ** 2 + own) / (NOISE_WEIGHT + freedom);
}

/**
 * The rate: its own line from three readings on, before that drawn towards the fleet's, each by how sure it is. A part does not heal: a line that says so is drawn too. Where
 * its own line and the fleet's rate do not go together, neither is trusted as if they did.
 */
function lineOf(points: readonly WearPoint[], prior: WearPrior): Line {
  const own = robustLine(points);
  if (!own)
    return { rate: prior.rate, rateVar: FLEET_DOUBT * prior.spread ** 2, basis: 'fleet', isAtOdds: false };
  const ownVar = (LINE_VARIANCE * noiseVariance(points, own.rate, prior)) / spreadOf(points);
  const odds = Math.abs(own.rate - prior.rate) / Math.sqrt(ownVar + prior.spread ** 2);
  // The same either way: no quotient of measured figures is exactly that.
  const isAtOdds = odds >= AT_ODDS;
  const isOwn = points.length >= OWN_LINE;
  // The same either way: as above.
  if (isOwn && own.rate > 2 * Math.sqrt(ownVar))
    return { rate: own.rate, rateVar: ownVar, basis: 'own', isAtOdds };
  const doubt = isAtOdds ? (odds / AT_ODDS) ** 2 : 1;
  const [a, b] = [1 / ownVar, 1 / (doubt * prior.spread ** 2)];
  return {
    rate: Math.max((own.rate * a + prior.rate * b) / (a + b), prior.rate * 0.1),
    rateVar: doubt / (a + b),
    basis: 'shared',
    isAtOdds,
  };
}

/** How much faster than its whole line a part wore of late, as a factor: believed as far as paces change at all, and no more than its noise allows. */
function latelyOf(points: readonly WearPoint[], rate: number, noise: number, changes: number): number {
  const late = points.slice(-Math.ceil((points.length + 1) / 2));
  const line = points.length < LATELY_FROM ? null : robustLine(late);
  if (!line) return 1;
  const byNoise = noise / spreadOf(late) / rate ** 2;
  const believed = changes ** 2 / (changes ** 2 + byNoise);
  const factor = 1 + believed * (line.rate / rate - 1);
  return Number.isFinite(factor) ? Math.min(2, Math.max(0.5, factor)) : 1;
}

/**
 * How much usage is left until a part's reading reaches its limit, with an 80 % interval. `worse` says which way it wears. Readings in any order; usage since fitting, 0 and up, in the
 * prior's unit. Three readings and more: a robust line of its own. Fewer: its rate is drawn towards the fleet's, weighted by how sure each is. A rate that is misjudged misjudges the
 * level at the last reading with it: both are drawn together. After a change of pace only the readings since count.
 */
export function forecastWear(
  points: readonly WearPoint[],
  limit: number,
  worse: 'more' | 'less',
  prior: WearPrior,
): WearAnswer {
  const issues = refusals(points, limit, prior);
  if (issues.length > 0) return { ok: false, issues };
  const sign = worse === 'more' ? 1 : -1;
  const all = points
    .map(({ usage, value }) => ({ usage, value: sign * value }))
    .sort((a, b) => a.usage - b.usage);
  const change = changeOfPace(all, prior);
  const worn = all.slice(change?.before ?? 0);
  // Since it changed it wears unlike its fleet: how unlike, only its own readings can say.
  const known = change ? { ...prior, spread: 2 * prior.spread } : prior;
  const last = worn.at(-1)?.usage ?? 0;
  const { rate, rateVar, basis, isAtOdds } = lineOf(worn, known);
  const mean = worn.reduce((sum, point) => sum + point.usage, 0) / worn.length;
  const atMean = middle(worn.map((point) => point.value - rate * point.usage)) + rate * mean;
  const own = changesOf([worn], Math.sqrt(noiseVariance(worn, rate, known)));
  const changes = own === null ? known.changes : Math.sqrt((2 * known.changes ** 2 + own ** 2) / 3);
  const lately = latelyOf(worn, rate, noiseVariance(worn, rate, known), changes);
  const freedom = NOISE_FREEDOM + Math.max(0, worn.length - 2);
  const heavy = (z: number): number => z * (1 + (z * z + 1) / (4 * freedom));
  const levelSd = Math.sqrt((LINE_VARIANCE * noiseVariance(worn, rate, known)) / worn.length);
  const level = atMean + rate * (last - mean);
  // Rates are never under nothing: their spread is taken of the logarithm.
  const rateSd = Math.sqrt(Math.log(1 + rateVar / rate ** 2));
  const lefts = NODES.flatMap((a) =>
    NODES.flatMap((b) => {
      const drawn = rate * Math.exp(rateSd * (basis === 'fleet' ? b : heavy(b)));
      const distance = sign * limit - (atMean + levelSd * heavy(a) + drawn * (last - mean));
      return NODES.map((c) => Math.max(0, distance / (drawn * lately * Math.exp(FROM_NOW_ON * changes * c))));
    }),
  ).sort((x, y) => x - y);
  const at = (share: number): number => lefts[Math.round(share * (lefts.length - 1))] ?? 0;
  const left = Math.max(0, (sign * limit - level) / (rate * lately));
  return {
    ok: true,
    value: {
      ...{ rate, level: sign * level, left, least: Math.min(at(0.1), left), most: Math.max(at(0.9), left) },
      ...{ basis, readings: worn.length, isFaster: change !== null, isAtOdds },
    },
  };
}
