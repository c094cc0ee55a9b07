import { DAY_MS } from '@cadre/core/time';
import { sagPressure } from '@cadre/core/measures';

/** A row of a pressure table: for riders of this mass, kg, this pressure, kPa. */
interface TableRow {
  readonly kg: number;
  readonly kPa: number;
}

/**
 * A pressure table as a fit list states it: "60=480 70=550 80=620", kg and kPa, in any order. Null where it cannot be read whole: half a table would be used
 * past its end.
 */
export function pressureTable(text: string): readonly TableRow[] | null {
  const parts = text
    .trim()
    .split(/[\s,;]+/)
    .filter(Boolean);
  const rows = parts.map((part) => /^(\d{2,3}(?:\.\d+)?)=(\d{2,4}(?:\.\d+)?)$/.exec(part));
  if (parts.length === 0 || rows.some((row) => row === null)) return null;
  const table = rows
    .flatMap((row) => (row ? [{ kg: Number(row[1]), kPa: Number(row[2]) }] : []))
    .toSorted((a, b) => a.kg - b.kg);
  const isRising = table.every((row, at) => {
    const before = table[at - 1];
    return !before || (row.kg > before.kg && row.kPa >= before.kPa);
  });
  return isRising ? table : null;
}

export interface SuspensionStart {
  /** kPa, a starting point: sag is measured after. */
  readonly kPa: number;
  readonly from: 'table' | 'last-measured';
  /** Held at the marked maximum. */
  readonly held: boolean;
}

/** Of the pressure and sag measured last on this bike; sag as a share. */
export interface LastSag {
  readonly kPa: number;
  readonly sag: number;
}

/**
 * A fork's or shock's pressure to start from, kPa: by its own table for the rider with luggage (kg), between two rows in proportion; else from the sag measured last, towards
 * the middle of its band (share), a fifth at a step. Never over the marked maximum. Null where neither says anything, and for riders outside the table.
 */
export function suspensionStart(
  loadKg: number,
  stated: { readonly table: string | null; readonly markedMax: number | null },
  last: LastSag | null,
  targetSag: number,
): SuspensionStart | null {
  const capped = (kPa: number, from: SuspensionStart['from']): SuspensionStart =>
    stated.markedMax !== null && kPa > stated.markedMax
      ? { kPa: stated.markedMax, from, held: true }
      : { kPa, from, held: false };
  const table = stated.table === null ? null : pressureTable(stated.table);
  if (table) {
    const above = table.findIndex((row) => row.kg >= loadKg);
    const [low, high] = [table[above - 1], table[above]];
    if (high && high.kg === loadKg) return capped(high.kPa, 'table');
    if (low && high)
      return capped(low.kPa + ((high.kPa - low.kPa) * (loadKg - low.kg)) / (high.kg - low.kg), 'table');
    return null;
  }
  if (!last) return null;
  const next = sagPressure(last.kPa, last.sag, targetSag, stated.markedMax ?? undefined);
  return next.ok
    ? { kPa: next.value.pressure, from: 'last-measured', held: next.value.held === 'marked' }
    : null;
}

/** A reading of a fork: its pressure in kPa, or its sag as a share. */
export interface ForkReading {
  readonly of: 'pressure' | 'sag';
  readonly value: number;
  readonly at: number;
}

/** A pressure says what the fork was ridden with for no longer than so: air goes, and somebody may have pumped since. */
const TOGETHER_MS = DAY_MS;

/** The newest sag, with the pressure it was measured at: the one read nearest to it within a day. Null where either is missing. */
export function lastSag(readings: readonly ForkReading[]): LastSag | null {
  const newest = (of: ForkReading['of'], order: (a: ForkReading, b: ForkReading) => number) =>
    readings.filter((each) => each.of === of).toSorted(order)[0];
  const sag = newest('sag', (a, b) => b.at - a.at);
  if (!sag) return null;
  const away = ({ at }: ForkReading): number => Math.abs(at - sag.at);
  const pressure = newest('pressure', (a, b) => away(a) - away(b) || b.at - a.at);
  return pressure && away(pressure) <= TOGETHER_MS ? { kPa: pressure.value, sag: sag.value } : null;
}
