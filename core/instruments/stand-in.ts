import { normalsOf, streamOf } from '@cadre/core/draws';
import { roundedTo, inUnit } from './judge';
import { INSTRUMENT_KINDS, usualUnit, type InstrumentKind, type InstrumentUnit } from './kinds';
import { named } from './message';

/** How a simulated instrument goes wrong. */
export const STAND_IN_FAULTS = ['none', 'drift', 'wrong-unit', 'battery', 'nonsense'] as const;
export type StandInFault = (typeof STAND_IN_FAULTS)[number];

/** What a simulated instrument is held against, in its usual unit. */
export interface StandIn {
  readonly kind: InstrumentKind;
  readonly serial: string;
  /** The unit it is set to. */
  readonly unit: InstrumentUnit;
  readonly fault: StandInFault;
}

/** So much of the scale it drifts with each reading when it drifts. */
const DRIFT_SHARE = 0.004;
/** A fault of the battery takes so much of the charge with each reading, from full. */
const BATTERY_STEP = 0.22;

/**
 * The line a simulated instrument sends for its n-th reading: truth with noise of half its permitted error, and its fault on top. The same numbers for the same
 * seed.
 *
 * @param truth in the kind's usual unit
 * @param nth 0 for the first
 */
export function standInLine(standIn: StandIn, truth: number, nth: number, seed: number): string {
  const { kind, serial, fault } = standIn;
  const { accuracy, least, most } = INSTRUMENT_KINDS[kind];
  if (fault === 'nonsense') return nth % 2 === 0 ? '#ERR 07' : `id=${serial} value=--.- unit=??`;
  const noise = (normalsOf(streamOf(seed * 1009 + nth))() * accuracy) / 2;
  const drift = fault === 'drift' ? (most - least) * DRIFT_SHARE * (nth + 1) : 0;
  const units = INSTRUMENT_KINDS[kind].units as readonly InstrumentUnit[];
  const unit =
    fault === 'wrong-unit' ? (units.find((each) => each !== standIn.unit) ?? standIn.unit) : standIn.unit;
  const value = roundedTo(inUnit(truth + noise + drift, usualUnit(kind), unit), unit);
  const charge = fault === 'battery' ? Math.max(0, 1 - BATTERY_STEP * (nth + 1)) : 0.9;
  return named({ id: serial, kind, value, unit, battery: Math.round(charge * 100) });
}
