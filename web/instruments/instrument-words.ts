import type { InstrumentKind, InstrumentUnit, JudgedMessage, StandInFault } from '@cadre/core/instruments';
import * as t from './messages';

export const INSTRUMENT_WORDS: Record<InstrumentKind, string> = {
  'pressure-gauge': t.pressureGauge,
  caliper: t.caliper,
  'torque-wrench': t.torqueWrench,
  'spoke-meter': t.spokeMeter,
  'dial-gauge': t.dialGauge,
  scale: t.scale,
};

export const FAULT_WORDS: Record<StandInFault, string> = {
  none: t.worksWell,
  drift: t.drifts,
  'wrong-unit': t.wrongUnit,
  battery: t.batteryDies,
  nonsense: t.sendsNonsense,
};

const unitWords = (unit: InstrumentUnit): string => (unit === 'meter' ? t.meterUnits : unit);

/** Why a reading was not simply taken, and what to do. */
export function judgedWords(judged: Exclude<JudgedMessage, { state: 'read' }>, name: string): string {
  switch (judged.state) {
    case 'other-unit':
      return t.otherUnit({
        ...{ name, sent: judged.sent.value, sentUnit: unitWords(judged.sent.unit) },
        ...{ value: judged.value, unit: unitWords(judged.unit) },
      });
    case 'wrong-quantity':
      return t.wrongQuantity({ name, sent: unitWords(judged.sent), wanted: unitWords(judged.wanted) });
    case 'out-of-range':
      return t.offScale({
        ...{ name, value: judged.sent.value, unit: unitWords(judged.sent.unit) },
        ...{ least: judged.least, most: judged.most },
      });
    case 'battery-empty':
      return t.batteryEmpty({ name });
  }
}
