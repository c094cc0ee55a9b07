import { INSTRUMENT_KINDS, inUnit, usualUnit } from '@cadre/core/instruments';
import { instrumentOf, type EquipmentFields } from './equipment';

/** Comparisons tolerate this much, as floating point needs. */
const TOLERANCE = 1e-9;

/** The permitted error of an instrument in its own unit: as entered, else as usual for its kind; null for a tool that is looked at. */
export function permittedError({
  kind,
  unit,
  accuracy,
}: Pick<EquipmentFields, 'kind' | 'unit' | 'accuracy'>): number | null {
  const instrument = instrumentOf(kind);
  if (accuracy !== null) return accuracy;
  if (!instrument) return null;
  const usual = usualUnit(instrument);
  return inUnit(INSTRUMENT_KINDS[instrument].accuracy, usual, unit ?? usual);
}

/**
 * Whether an instrument passes against a reference: what it showed is no farther from it than its permitted error. An error of just that much passes, as makers
 * state it.
 */
export function passesReference(
  equipment: Pick<EquipmentFields, 'kind' | 'unit' | 'accuracy'>,
  { reference, shown }: { readonly reference: number; readonly shown: number },
): boolean {
  const error = permittedError(equipment);
  return error !== null && Math.abs(shown - reference) <= error + TOLERANCE;
}
