import { convert } from '@cadre/core/measures';
import { INSTRUMENT_KINDS, sameQuantity, usualUnit, type InstrumentKind, type InstrumentUnit } from './kinds';
import type { InstrumentMessage } from './message';

/** From so little charge on, an instrument is no more relied on without a word. */
const BATTERY_LOW = 0.2;
/** Under this its readings drift: none is taken. */
const BATTERY_EMPTY = 0.05;

/** The instrument as it is known: its kind, and where it is in the register the unit it is set to and its own range in that unit. */
export interface KnownInstrument {
  readonly kind: InstrumentKind;
  readonly unit?: InstrumentUnit | undefined;
  readonly least?: number | null | undefined;
  readonly most?: number | null | undefined;
}

/** A value with its unit, as it would be typed. */
export interface InstrumentValue {
  readonly value: number;
  readonly unit: InstrumentUnit;
}

export type JudgedMessage =
  | ({ readonly state: 'read'; readonly lowBattery: boolean } & InstrumentValue)
  /** It measures the right thing but is switched to another unit than usual: the person confirms the value before it counts. */
  | ({ readonly state: 'other-unit'; readonly sent: InstrumentValue } & InstrumentValue)
  /** It measures something else than is asked for. */
  | { readonly state: 'wrong-quantity'; readonly sent: InstrumentUnit; readonly wanted: InstrumentUnit }
  | {
      readonly state: 'out-of-range';
      readonly sent: InstrumentValue;
      readonly least: number;
      readonly most: number;
    }
  | { readonly state: 'battery-empty' };

/** As many digits as an instrument shows. */
const DIGITS: Readonly<Record<InstrumentUnit, number>> = {
  ...{ mm: 2, in: 4, kPa: 0, bar: 2, psi: 1, 'N m': 1, 'in lbf': 0, 'ft lbf': 1, kg: 2, lb: 2, meter: 1 },
};
export const roundedTo = (value: number, unit: InstrumentUnit): number => {
  const times = 10 ** DIGITS[unit];
  return Math.round(value * times) / times + 0;
};

/** A value of an instrument in another unit of its quantity. */
export const inUnit = (value: number, from: InstrumentUnit, to: InstrumentUnit): number =>
  from === to || from === 'meter' || to === 'meter' ? value : convert(value, from, to);

/**
 * What a message means for a field.
 *
 * @param wanted the unit the field takes a bare number in
 * @param known the instrument it comes from; null: an unknown one, whose unit is taken as it says and the field's where it says none
 */
export function judgeMessage(
  { value, unit, battery }: InstrumentMessage,
  wanted: InstrumentUnit,
  known: KnownInstrument | null,
): JudgedMessage {
  if (battery !== null && battery < BATTERY_EMPTY) return { state: 'battery-empty' };
  const own = known ? (known.unit ?? usualUnit(known.kind)) : null;
  const sent = unit ?? own ?? wanted;
  if (!sameQuantity(sent, wanted)) return { state: 'wrong-quantity', sent, wanted };
  if (known && own) {
    const [least, most] = scaleEnds(known);
    const here = inUnit(value, sent, own);
    if (here < least || here > most)
      return { state: 'out-of-range', sent: { value, unit: sent }, least, most };
  }
  const here = { value: roundedTo(inUnit(value, sent, wanted), wanted), unit: wanted };
  if (own && sent !== own) return { state: 'other-unit', sent: { value, unit: sent }, ...here };
  return { state: 'read', lowBattery: battery !== null && battery < BATTERY_LOW, ...here };
}

/** The ends of an instrument's scale in its own unit: as marked on it, else as usual for its kind. */
export function scaleEnds({ kind, unit, least, most }: KnownInstrument): readonly [number, number] {
  const [usual, own] = [INSTRUMENT_KINDS[kind], unit ?? usualUnit(kind)];
  const here = (value: number): number => roundedTo(inUnit(value, usualUnit(kind), own), own);
  return [least ?? here(usual.least), most ?? here(usual.most)];
}
