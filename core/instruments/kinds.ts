import { UNITS } from '@cadre/core/measures';

/** What a kind of instrument measures: the units it may be switched to, the first its usual one, and what it can read at the ends of its scale, in that unit. */
interface InstrumentKindFacts {
  readonly units: readonly InstrumentUnit[];
  readonly least: number;
  readonly most: number;
  /** Permitted error, in the usual unit, where nothing else is marked on it. */
  readonly accuracy: number;
}

/** Units instruments read in. A spoke meter has marks of its own. */
export const INSTRUMENT_UNITS = [
  ...(['mm', 'in', 'kPa', 'bar', 'psi', 'N m', 'in lbf', 'ft lbf', 'kg', 'lb'] as const),
  'meter',
] as const;
export type InstrumentUnit = (typeof INSTRUMENT_UNITS)[number];

/** The kinds of instrument Cadre takes readings from. Source of the ranges: what such tools for bicycles are usually marked with. */
export const INSTRUMENT_KINDS = {
  'pressure-gauge': { units: ['bar', 'psi', 'kPa'], least: 0, most: 11, accuracy: 0.035 },
  caliper: { units: ['mm', 'in'], least: 0, most: 150, accuracy: 0.03 },
  'torque-wrench': { units: ['N m', 'in lbf', 'ft lbf'], least: 1, most: 60, accuracy: 0.4 },
  'spoke-meter': { units: ['meter'], least: 0, most: 60, accuracy: 1 },
  'dial-gauge': { units: ['mm', 'in'], least: -10, most: 10, accuracy: 0.02 },
  scale: { units: ['kg', 'lb'], least: 0, most: 50, accuracy: 0.05 },
} as const satisfies Readonly<Record<string, InstrumentKindFacts>>;
export type InstrumentKind = keyof typeof INSTRUMENT_KINDS;

export const INSTRUMENT_KIND_KEYS = Object.keys(INSTRUMENT_KINDS) as [InstrumentKind, ...InstrumentKind[]];

export const isInstrumentKind = (word: string): word is InstrumentKind => word in INSTRUMENT_KINDS;

export const usualUnit = (kind: InstrumentKind): InstrumentUnit => INSTRUMENT_KINDS[kind].units[0];

/** What a unit measures; null: marks that mean something on their own meter only. */
const kindOfUnit = (unit: InstrumentUnit): string => (unit === 'meter' ? 'meter' : UNITS[unit][0]);

/** Whether two units measure the same thing. */
export const sameQuantity = (a: InstrumentUnit, b: InstrumentUnit): boolean =>
  kindOfUnit(a) === kindOfUnit(b);
