import type { FieldIssue } from '@cadre/core/errors';
import { scaleEnds, sameQuantity, usualUnit } from '@cadre/core/instruments';
import { instrumentOf, type EquipmentFields } from './equipment';

interface Range {
  readonly least: number;
  readonly most: number;
  readonly unit: 'mm' | '';
}

/** What may be entered, ends included: a value of the scale in the equipment's unit, a length in mm, whole days. */
export const EQUIPMENT_RANGES = {
  least: { least: -10_000, most: 10_000, unit: '' },
  most: { least: -10_000, most: 10_000, unit: '' },
  accuracy: { least: 0, most: 1000, unit: '' },
  lengthMm: { least: 50, most: 1500, unit: 'mm' },
  checkEveryDays: { least: 1, most: 1095, unit: '' },
} as const satisfies Readonly<Record<string, Range>>;

interface EquipmentProblem extends FieldIssue {
  readonly path: keyof EquipmentFields;
}

function problemOf(key: keyof typeof EQUIPMENT_RANGES, value: number | null): readonly EquipmentProblem[] {
  const { least, most, unit } = EQUIPMENT_RANGES[key];
  if (value === null) return [];
  if (value < least || value > most)
    return [{ path: key, code: 'out-of-range', params: { least, most, unit } }];
  return key === 'checkEveryDays' && !Number.isInteger(value) ? [{ path: key, code: 'not-whole' }] : [];
}

/**
 * What is wrong with a piece of equipment as it was entered: every value within `EQUIPMENT_RANGES`, an instrument with a unit of its quantity, and a scale that
 * ends above its beginning, whichever end is left as usual for its kind.
 */
export function fieldProblems(fields: EquipmentFields): readonly EquipmentProblem[] {
  const problems = (Object.keys(EQUIPMENT_RANGES) as (keyof typeof EQUIPMENT_RANGES)[]).flatMap((key) =>
    problemOf(key, fields[key]),
  );
  const instrument = instrumentOf(fields.kind);
  if (!instrument || problems.length > 0) return problems;
  const { unit, least, most } = fields;
  if (unit === null) return [{ path: 'unit', code: 'required' }];
  if (!sameQuantity(unit, usualUnit(instrument))) return [{ path: 'unit', code: 'unknown' }];
  const [from, to] = scaleEnds({ kind: instrument, unit, least, most });
  return from < to ? [] : [{ path: most === null ? 'least' : 'most', code: 'upside-down' }];
}
