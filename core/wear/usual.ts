import type { Measure } from '@cadre/core/measures';
import type { WearPrior } from './forecast';

/** What wear is counted against: km where outings are recorded, else days since fitting. */
export const WEAR_UNITS = ['km', 'days'] as const;
export type WearUnit = (typeof WEAR_UNITS)[number];

/** Measures that only go one way, which way, and what is usual of them before the fleet has series of its own: per km, in the measure's unit. */
const USUAL = {
  chain: { worse: 'more', rate: 3.5e-6, noise: 0.0003 },
  'disc-pad': { worse: 'less', rate: 0.0016, noise: 0.1 },
  'rim-pad': { worse: 'less', rate: 0.003, noise: 0.2 },
  rotor: { worse: 'less', rate: 0.00005, noise: 0.015 },
  'rim-wall': { worse: 'less', rate: 0.00005, noise: 0.03 },
  'rim-track': { worse: 'more', rate: 0.00008, noise: 0.03 },
} as const satisfies Partial<Record<Measure, object>>;
export type WornMeasure = keyof typeof USUAL;
export const WORN_MEASURES = Object.keys(USUAL) as readonly WornMeasure[];

/** A bike in use is ridden about so far a day: what turns a rate per km into one per day where no outing is on record. */
const USUAL_KM_A_DAY = 6;
/** Rates differ this much from bike to bike. */
const SPREAD = 0.4;
/** A part's own pace changes by so much over its life. */
const CHANGES = 0.12;

export function isWorn(measure: string): measure is WornMeasure {
  return measure in USUAL;
}

export function worseWay(measure: WornMeasure): 'more' | 'less' {
  return USUAL[measure].worse;
}

/** What is usual of a part before a fleet knows better: it weighs as four of the fleet's own series. */
export function usualWear(measure: WornMeasure, unit: WearUnit): WearPrior {
  const { rate, noise } = USUAL[measure];
  const perUnit = unit === 'km' ? rate : rate * USUAL_KM_A_DAY;
  return { rate: perUnit, spread: SPREAD * perUnit, noise, changes: CHANGES };
}
