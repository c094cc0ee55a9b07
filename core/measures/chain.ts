import { issue, fieldIssues, measured, reaches, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices, type LimitKey, type Sourced } from './limits';
import { pass, type Verdict } from './verdict';

/** One full link, an inner and an outer, is an inch long when new, mm. */
export const LINK_MM = 25.4;
/** Fewer links than this hide the wear in how the caliper is held. */
export const LEAST_LINKS = 10;
/** What a ruler is laid over, full links (inches). */
const RULER_LINKS = 12;
/** The lower edges of what drop-in gauges tell apart: under a quarter percent, and up. */
export const GAUGE_BANDS = [0, 0.0025, 0.005, 0.0075, 0.01] as const;
export type GaugeBand = (typeof GAUGE_BANDS)[number];

/** A chain that is this much shorter or longer than new was not measured right. */
const ELONGATION = { least: -0.005, most: 0.05 } as const;

export const CHAIN_METHODS = ['length', 'ruler', 'gauge'] as const;
export type ChainMethod = (typeof CHAIN_METHODS)[number];

/** Which limits count: one early for all, by how fine the gearing is, or what a ruler can tell. */
export const CHAIN_PRESETS = ['by-gearing', 'early', 'ruler', 'three-quarters'] as const;
export type ChainPreset = (typeof CHAIN_PRESETS)[number];

/**
 * Elongation from a length over n full links: (length - n x 25.4) / (n x 25.4), as a ratio. Length in mm, n of ten or more,
 * a whole number. Refused: fewer links, a length no chain can have over so many links.
 */
export function elongationByLength(lengthMm: number, links: number): Measured<number> {
  const wrong = fieldIssues({ path: 'links', value: links, least: LEAST_LINKS, most: 200, unit: 'links' });
  if (wrong.length > 0)
    return unmeasured(
      ...wrong,
      ...fieldIssues({ path: 'length', value: lengthMm, least: 0, most: 1e4, unit: 'mm' }),
    );
  if (!Number.isInteger(links)) return unmeasured(issue('links', 'not-whole'));
  const asNew = links * LINK_MM;
  const least = Math.round(asNew * (1 + ELONGATION.least) * 10) / 10;
  const most = Math.round(asNew * (1 + ELONGATION.most) * 10) / 10;
  const long = fieldIssues({ path: 'length', value: lengthMm, least, most, unit: 'mm' });
  return long.length > 0 ? unmeasured(...long) : measured((lengthMm - asNew) / asNew);
}

/** Elongation from how far the twelfth inch mark is overshot, in sixteenths of an inch: sixteenths / 16 / 12, as a ratio. 0 to 9. */
export function elongationByRuler(sixteenths: number): Measured<number> {
  const wrong = fieldIssues({ path: 'sixteenths', value: sixteenths, least: 0, most: 9, unit: '1/16 in' });
  return wrong.length > 0 ? unmeasured(...wrong) : measured(sixteenths / 16 / RULER_LINKS);
}

/** Elongation from a drop-in gauge: the lower edge of the band that a stated wear lies in. Ratio, 0 to 0.05. */
export function elongationByGauge(stated: number): Measured<GaugeBand> {
  const wrong = fieldIssues({ path: 'wear', value: stated, least: 0, most: ELONGATION.most, unit: 'ratio' });
  if (wrong.length > 0) return unmeasured(...wrong);
  return measured([...GAUGE_BANDS].reverse().find((edge) => reaches(stated, edge)) ?? 0);
}

export interface ChainRun {
  readonly gears: 'derailleur' | 'hub-gear' | 'single-speed';
  readonly sprockets: number;
}

export interface ChainLimits {
  readonly chain: Sourced;
  /** Past it the sprockets have gone with it. */
  readonly sprockets: Sourced;
}

/**
 * The limits of a chain. Source: fine sprockets of eleven and up wear their chain's wear on at once, two to ten forgive more,
 * one sprocket most; a ruler tells sixteenths of an inch and no less. A limit stated by the maker replaces the chain's own; where that
 * is looser than the sprockets' limit, the sprockets' is not touched and holds first.
 */
export function chainLimits(
  run: ChainRun,
  preset: ChainPreset,
  choices: LimitChoices,
  marked?: number,
): ChainLimits {
  const pair = (key: LimitKey, sprockets: LimitKey): ChainLimits => ({
    chain: limitOf(choices, key),
    sprockets: limitOf(choices, sprockets),
  });
  const by = (): ChainLimits => {
    if (preset === 'ruler')
      return {
        chain: { value: 1 / 16 / RULER_LINKS, source: 'policy' },
        sprockets: { value: 2 / 16 / RULER_LINKS, source: 'policy' },
      };
    // What the house set for two to ten sprockets is what it chose for all.
    if (preset === 'three-quarters') return pair('chainFew', 'chainFewSprockets');
    if (preset === 'early' || (run.gears === 'derailleur' && run.sprockets >= 11))
      return pair('chainEarly', 'chainEarlySprockets');
    return run.gears === 'derailleur' && run.sprockets >= 2
      ? pair('chainFew', 'chainFewSprockets')
      : pair('chainSingle', 'chainSingleSprockets');
  };
  const limits = by();
  return marked === undefined || !Number.isFinite(marked) || marked <= 0
    ? limits
    : { ...limits, chain: { value: marked, source: 'marking' } };
}

/** Whether a gauge's band ends at the limit or holds it: the gauge has no closer word for "nearly there". */
function isBandBelow(elongation: number, limit: number): boolean {
  // The same either way: a gauge reads one of the edges, which the tiny step above it leaves behind.
  const upper = GAUGE_BANDS.find((edge) => edge > elongation + 1e-9);
  return upper === undefined || reaches(upper, limit);
}

/**
 * What an elongation (ratio) means: at the sprockets' limit look at them too, at the chain's limit renew it, within 0.05 points
 * below plan it. A gauge's band is judged by its lower edge, and planned in the band below the limit. All of it is money: upkeep.
 */
export function chainVerdict(
  elongation: number,
  limits: ChainLimits,
  choices: LimitChoices,
  method?: ChainMethod,
): Measured<Verdict> {
  const wrong = fieldIssues({ path: 'elongation', value: elongation, ...ELONGATION, unit: 'ratio' });
  if (wrong.length > 0) return unmeasured(...wrong);
  const near = limitOf(choices, 'chainNear').value;
  const value = elongation;
  if (reaches(value, limits.sprockets.value))
    return measured({
      outcome: 'fail',
      becomes: 'upkeep',
      value,
      limit: limits.sprockets,
      next: 'look-at-sprockets',
    });
  if (reaches(value, limits.chain.value))
    return measured({ outcome: 'fail', becomes: 'upkeep', value, limit: limits.chain, next: 'renew-chain' });
  if (method === 'gauge' ? isBandBelow(value, limits.chain.value) : reaches(value, limits.chain.value - near))
    return measured({ outcome: 'renew', becomes: 'upkeep', value, limit: limits.chain, next: 'plan-chain' });
  return measured(pass(value, limits.chain));
}
