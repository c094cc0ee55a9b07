import { isInstrumentKind, type InstrumentKind, type InstrumentUnit } from './kinds';

/** One reading as an instrument sends it. */
export interface InstrumentMessage {
  /** The instrument's own identity; empty where it sends none. */
  readonly serial: string;
  /** Null: it does not say what it is. */
  readonly kind: InstrumentKind | null;
  readonly value: number;
  /** Null: it sends a bare number. */
  readonly unit: InstrumentUnit | null;
  /** Charge left, 0 to 1; null: it does not say. */
  readonly battery: number | null;
}

/** Longer than any reading: what goes on longer is no instrument of ours. */
export const MOST_CHARACTERS = 200;

const UNIT_NAMES: Readonly<Record<string, InstrumentUnit>> = {
  mm: 'mm',
  in: 'in',
  '"': 'in',
  kpa: 'kPa',
  bar: 'bar',
  psi: 'psi',
  nm: 'N m',
  'n m': 'N m',
  'n·m': 'N m',
  'n.m': 'N m',
  'in lbf': 'in lbf',
  'in lb': 'in lbf',
  'ft lbf': 'ft lbf',
  'ft lb': 'ft lbf',
  kg: 'kg',
  lb: 'lb',
  lbs: 'lb',
  meter: 'meter',
};

/** A value a line names, as text: what holds spaces stands in quotation marks. */
export const named = (parts: Readonly<Record<string, string | number>>): string =>
  Object.entries(parts)
    .map(([key, value]) => `${key}=${/\s/.test(String(value)) ? `"${value}"` : value}`)
    .join(' ');

const unitOf = (text: string): InstrumentUnit | null | undefined => {
  const name = text.trim().toLowerCase().replace(/\s+/g, ' ');
  return name === '' ? null : UNIT_NAMES[name];
};

function numberOf(text: string): number | null {
  const bare = text.trim().replace(',', '.');
  if (!/^[+-]?\d{1,7}(\.\d{1,6})?$/.test(bare)) return null;
  return Number(bare);
}

/** "id=PG104 kind=pressure-gauge value=2.31 unit=bar battery=84": words and values in any order, apart by spaces, semicolons or commas. */
function parseNamed(line: string): InstrumentMessage | null {
  const parts = new Map(
    [...line.matchAll(/(\w+)\s*=\s*("[^"]*"|[^\s;]+)/g)].map((found) => [
      (found[1] ?? '').toLowerCase(),
      (found[2] ?? '').replaceAll('"', ''),
    ]),
  );
  const value = numberOf(parts.get('value') ?? '');
  const unit = unitOf(parts.get('unit') ?? '');
  if (value === null || unit === undefined) return null;
  const battery = numberOf(parts.get('battery') ?? '');
  const kind = parts.get('kind') ?? '';
  return {
    serial: (parts.get('id') ?? '').slice(0, 40),
    kind: isInstrumentKind(kind) ? kind : null,
    ...{ value, unit },
    battery: battery === null || battery < 0 || battery > 100 ? null : battery / 100,
  };
}

/**
 * A line an instrument sends, or types: a number with or without its unit ("2.31 bar", "12,04mm", "+0.05"), or named values
 * ("id=PG104 value=2.31 unit=bar battery=84", the battery in percent). Null: no reading.
 */
export function parseMessage(line: string): InstrumentMessage | null {
  const text = line.trim();
  if (text === '' || text.length > MOST_CHARACTERS) return null;
  if (text.includes('=')) return parseNamed(text);
  const found = /^([+-]?[\d.,]+)\s*([a-z·." ]*)$/i.exec(text);
  const value = numberOf(found?.[1] ?? '');
  const unit = unitOf(found?.[2] ?? '');
  return value === null || unit === undefined ? null : { serial: '', kind: null, value, unit, battery: null };
}
