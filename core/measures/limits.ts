import type { FieldIssue } from '@cadre/core/errors';
import { issue } from './measured';

/** Where a limit comes from. The maker's marking beats the checklist's own, that a start calculated for this very tyre, that the policy, and that the default. */
export const LIMIT_SOURCES = ['marking', 'checklist', 'start', 'policy', 'default'] as const;
export type LimitSource = (typeof LIMIT_SOURCES)[number];

/** A limit and where it comes from. */
export interface Sourced {
  readonly value: number;
  readonly source: LimitSource;
}

interface Limit {
  readonly unit: 'ratio' | 'mm' | 'kPa' | 'h';
  /** As shipped. */
  readonly is: number;
  /** What a program may make of it. */
  readonly least: number;
  readonly most: number;
  /** Never past the limit of this key: a near limit lies before the far one. */
  readonly notOver?: string;
}

const limit = (unit: Limit['unit'], is: number, least: number, most: number, notOver?: string): Limit => ({
  unit,
  is,
  least,
  most,
  ...(notOver ? { notOver } : {}),
});

/**
 * Every limit a program may set for itself, as shipped. What each decides and why it is this figure stands with the
 * measure that reads it.
 */
export const LIMITS = {
  chainEarly: limit('ratio', 0.005, 0.002, 0.01, 'chainEarlySprockets'),
  chainEarlySprockets: limit('ratio', 0.0075, 0.004, 0.02),
  chainFew: limit('ratio', 0.0075, 0.002, 0.015, 'chainFewSprockets'),
  chainFewSprockets: limit('ratio', 0.01, 0.004, 0.02),
  chainSingle: limit('ratio', 0.01, 0.002, 0.02, 'chainSingleSprockets'),
  chainSingleSprockets: limit('ratio', 0.015, 0.004, 0.03),
  chainNear: limit('ratio', 0.0005, 0, 0.003),
  padPlate: limit('mm', 2, 0.5, 4),
  padRenew: limit('mm', 1.5, 0.5, 4),
  padFault: limit('mm', 1, 0.5, 3, 'padRenew'),
  padAllowance: limit('mm', 0, 0, 2),
  padUneven: limit('mm', 0.5, 0.2, 2),
  rimPadHolder: limit('mm', 1, 0.5, 4),
  rotorNear: limit('mm', 0.1, 0, 0.4),
  rotorSpread: limit('mm', 0.05, 0.02, 0.3),
  rimTrackWatch: limit('mm', 0.2, 0.05, 0.5, 'rimTrackFault'),
  rimTrackFault: limit('mm', 0.5, 0.1, 0.6),
  rimWallNear: limit('mm', 0.2, 0, 1),
  runOutRim: limit('mm', 1, 0.3, 3, 'runOutRimStop'),
  runOutRimStop: limit('mm', 3, 1, 4),
  runOutDisc: limit('mm', 2, 0.3, 4, 'runOutDiscStop'),
  runOutDiscStop: limit('mm', 4, 1, 5),
  runOutNew: limit('mm', 1, 0.3, 2),
  spokeOff: limit('ratio', 0.2, 0.05, 0.4),
  spokeSlack: limit('ratio', 0.5, 0.3, 0.8),
  tyreFloor30: limit('kPa', 400, 100, 900),
  tyreFloor30Tubeless: limit('kPa', 350, 100, 900),
  tyreFloor37: limit('kPa', 300, 100, 800),
  tyreFloor37Tubeless: limit('kPa', 230, 80, 800),
  tyreFloor45: limit('kPa', 250, 100, 700),
  tyreFloor45Tubeless: limit('kPa', 180, 70, 700),
  tyreFloor57: limit('kPa', 180, 70, 500),
  tyreFloor57Tubeless: limit('kPa', 140, 60, 500),
  tyreFloor70: limit('kPa', 120, 50, 400),
  tyreFloor70Tubeless: limit('kPa', 100, 40, 400),
  tyreFloorOver70: limit('kPa', 60, 30, 300),
  pressureChild: limit('kPa', 200, 50, 900),
  pressureHybrid: limit('kPa', 350, 50, 900),
  pressureHardtailFront: limit('kPa', 170, 50, 900),
  pressureHardtailRear: limit('kPa', 190, 50, 900),
  pressureFullSuspensionFront: limit('kPa', 160, 50, 900),
  pressureFullSuspensionRear: limit('kPa', 180, 50, 900),
  pressureStepThrough: limit('kPa', 300, 50, 900),
  pressureCargo: limit('kPa', 350, 50, 900),
  pressureTrike: limit('kPa', 350, 50, 900),
  leakPerDay: limit('ratio', 0.1, 0.01, 0.5),
  sagHybridLeast: limit('ratio', 0.15, 0.05, 0.5, 'sagHybridMost'),
  sagHybridMost: limit('ratio', 0.2, 0.05, 0.5),
  sagTrailForkLeast: limit('ratio', 0.15, 0.05, 0.5, 'sagTrailForkMost'),
  sagTrailForkMost: limit('ratio', 0.25, 0.05, 0.5),
  sagTrailShockLeast: limit('ratio', 0.25, 0.05, 0.5, 'sagTrailShockMost'),
  sagTrailShockMost: limit('ratio', 0.3, 0.05, 0.5),
  sagParkForkLeast: limit('ratio', 0.2, 0.05, 0.5, 'sagParkForkMost'),
  sagParkForkMost: limit('ratio', 0.3, 0.05, 0.5),
  sagParkShockLeast: limit('ratio', 0.28, 0.05, 0.5, 'sagParkShockMost'),
  sagParkShockMost: limit('ratio', 0.35, 0.05, 0.5),
  leverDrag: limit('ratio', 0.2, 0.05, 0.5, 'leverLong'),
  leverLong: limit('ratio', 0.6, 0.2, 0.75, 'leverStop'),
  leverStop: limit('ratio', 0.8, 0.4, 0.9),
  hangerFew: limit('mm', 4, 1, 6),
  hangerMany: limit('mm', 2, 0.5, 4),
  slackTight: limit('mm', 8, 3, 15, 'slackLoose'),
  slackLoose: limit('mm', 15, 8, 25, 'slackOff'),
  slackOff: limit('mm', 20, 12, 30),
  chargeLeast: limit('ratio', 0.4, 0.2, 0.7, 'chargeMost'),
  chargeMost: limit('ratio', 0.7, 0.4, 1),
  batteryHealth: limit('ratio', 0.7, 0.4, 0.95),
  sealantDry: limit('ratio', 0.25, 0.05, 0.6, 'sealantLow'),
  sealantLow: limit('ratio', 0.5, 0.1, 0.9),
} as const satisfies Readonly<Record<string, Limit>>;
export type LimitKey = keyof typeof LIMITS;
export const LIMIT_KEYS = Object.keys(LIMITS) as readonly LimitKey[];

/** The limits a program sets otherwise than shipped. */
export type LimitChoices = { readonly [K in LimitKey]?: number | undefined };

/** A limit as it holds in this program, and whether the program set it. */
export function limitOf(choices: LimitChoices, key: LimitKey): Sourced {
  const chosen = choices[key];
  return chosen === undefined
    ? { value: LIMITS[key].is, source: 'default' }
    : { value: chosen, source: 'policy' };
}

export function isLimitKey(word: string): word is LimitKey {
  return Object.hasOwn(LIMITS, word);
}

/** Everything wrong with a program's own limits at once: unknown, out of range, a near one past its far one. */
export function limitIssues(choices: Readonly<Record<string, number | undefined>>): readonly FieldIssue[] {
  return Object.entries(choices)
    .flatMap(([key, value]): FieldIssue[] => {
      if (value === undefined) return [];
      if (!isLimitKey(key)) return [issue(`limits.${key}`, 'unknown')];
      const { least, most, unit }: Limit = LIMITS[key];
      if (!Number.isFinite(value)) return [issue(`limits.${key}`, 'not-a-number')];
      return value < least || value > most
        ? [issue(`limits.${key}`, 'out-of-range', { least, most, unit })]
        : [];
    })
    .concat(
      LIMIT_KEYS.flatMap((key) => {
        const { notOver }: Limit = LIMITS[key];
        if (notOver === undefined || !isLimitKey(notOver)) return [];
        const far = limitOf(choices, notOver).value;
        // As shipped the two are in order: one of them was chosen, and that one is named.
        const named = choices[key] === undefined ? notOver : key;
        return limitOf(choices, key).value > far
          ? [issue(`limits.${named}`, 'over-its-most', { most: far })]
          : [];
      }),
    );
}
