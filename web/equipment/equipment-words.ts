import type { EquipmentItem } from '@cadre/contract/equipment';
import type { EquipmentKind, EquipmentStanding } from '@cadre/core/equipment';
import * as t from './messages';

export const EQUIPMENT_WORDS: Record<EquipmentKind, string> = {
  'pressure-gauge': t.pressureGauge,
  caliper: t.caliper,
  'torque-wrench': t.torqueWrench,
  'spoke-meter': t.spokeMeter,
  'dial-gauge': t.dialGauge,
  scale: t.scale,
  'chain-gauge': t.chainGauge,
  keys: t.keys,
  other: t.otherTool,
};

export const STANDING_WORDS: Record<EquipmentStanding, string> = {
  ready: t.ready,
  due: t.checkDue,
  failed: t.failed,
  withdrawn: t.withdrawn,
};

/** The last reference check in a line: what it showed against what, or what the eye said. */
export function checkWords({ lastCheck, unit }: EquipmentItem): string {
  if (!lastCheck) return t.neverChecked;
  const { reference, shown, passed } = lastCheck;
  if (reference === null || shown === null) return passed ? t.lookedGood : t.lookedWorn;
  return t.showedAgainst({
    shown: String(shown),
    reference: String(reference),
    unit: unit === 'meter' ? t.meterMarks : (unit ?? ''),
  });
}
