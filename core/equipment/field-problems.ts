import { INSTRUMENT_KINDS, sameQuantity, usualUnit } from '@cadre/core/instruments';
import { instrumentOf, type EquipmentFields } from './equipment';

interface EquipmentProblem {
  readonly path: keyof EquipmentFields;
  readonly code: 'required' | 'unknown' | 'order';
}

/** What is wrong with a piece of equipment as it was entered: an instrument has a unit of its quantity, and its scale ends above its beginning. */
export function fieldProblems({ kind, unit, least, most }: EquipmentFields): readonly EquipmentProblem[] {
  const instrument = instrumentOf(kind);
  if (!instrument) return [];
  if (unit === null) return [{ path: 'unit', code: 'required' }];
  if (!sameQuantity(unit, usualUnit(instrument))) return [{ path: 'unit', code: 'unknown' }];
  const ends = INSTRUMENT_KINDS[instrument];
  const isWrong = least !== null && most !== null ? most <= least : most !== null && most <= ends.least;
  return isWrong ? [{ path: 'most', code: 'order' }] : [];
}
