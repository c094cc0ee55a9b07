import type { BikeKind, PartKind } from '@cadre/core/fleet';

/** A part a repair used, as priced on the day. */
export interface UsedPart {
  readonly itemId: string;
  readonly name: string;
  readonly kind: PartKind;
  readonly count: number;
  /** Of one, in the currency's smallest unit. */
  readonly price: number;
  /** The finding it went into. */
  readonly findingId: string;
}

/** A repair done, as far as money goes. */
export interface CostedRepair {
  readonly bikeId: string;
  readonly kind: BikeKind;
  /** Year and month of the day it was done at its site, as 2026-11. */
  readonly month: string;
  readonly minutes: number | null;
  readonly used: readonly UsedPart[];
  /** What it repaired. */
  readonly findings: readonly { readonly id: string; readonly checkpoint: string; readonly name: string }[];
}

export interface CostRow {
  readonly key: string;
  readonly repairs: number;
  readonly minutes: number;
  readonly parts: number;
  /** Parts and minutes at the hourly rate. */
  readonly cost: number;
}

export interface Costs {
  readonly total: CostRow;
  readonly byBike: readonly CostRow[];
  readonly byKind: readonly CostRow[];
  readonly byMonth: readonly CostRow[];
  /** By what was repaired. Minutes of a repair of several are shared alike among them; parts go where they were used. */
  readonly byFinding: readonly CostRow[];
}

interface Share {
  readonly key: string;
  readonly repairs: number;
  readonly minutes: number;
  readonly parts: number;
}

function rowsOf(shares: readonly Share[], hourlyRate: number): CostRow[] {
  const byKey = new Map<string, Share>();
  for (const share of shares) {
    const known = byKey.get(share.key);
    byKey.set(share.key, {
      key: share.key,
      repairs: (known?.repairs ?? 0) + share.repairs,
      minutes: (known?.minutes ?? 0) + share.minutes,
      parts: (known?.parts ?? 0) + share.parts,
    });
  }
  return [...byKey.values()]
    .map((row) => ({ ...row, cost: row.parts + (row.minutes / 60) * hourlyRate }))
    .sort((a, b) => b.cost - a.cost || b.minutes - a.minutes || a.key.localeCompare(b.key));
}

const moneyOf = (used: readonly UsedPart[]): number =>
  used.reduce((sum, part) => sum + part.count * part.price, 0);

/**
 * What repairs cost: parts as priced on the day, minutes at an hourly rate (smallest unit an hour, 0 or more). Minutes nobody said count as none.
 * Every grouping adds up to the same total.
 */
export function costsOf(repairs: readonly CostedRepair[], hourlyRate: number): Costs {
  const share = (repair: CostedRepair, key: string): Share => ({
    key,
    repairs: 1,
    minutes: repair.minutes ?? 0,
    parts: moneyOf(repair.used),
  });
  const byFinding = repairs.flatMap((repair) =>
    repair.findings.map((finding, at) => ({
      key: finding.name,
      repairs: 1,
      minutes: (repair.minutes ?? 0) / repair.findings.length,
      // What names no finding of this repair goes to its first.
      parts: moneyOf(
        repair.used.filter(
          (part) =>
            part.findingId === finding.id ||
            (at === 0 && !repair.findings.some((each) => each.id === part.findingId)),
        ),
      ),
    })),
  );
  const [total] = rowsOf(
    repairs.map((repair) => share(repair, 'total')),
    hourlyRate,
  );
  return {
    total: total ?? { key: 'total', repairs: 0, minutes: 0, parts: 0, cost: 0 },
    byBike: rowsOf(
      repairs.map((repair) => share(repair, repair.bikeId)),
      hourlyRate,
    ),
    byKind: rowsOf(
      repairs.map((repair) => share(repair, repair.kind)),
      hourlyRate,
    ),
    byMonth: rowsOf(
      repairs.map((repair) => share(repair, repair.month)),
      hourlyRate,
    ).sort((a, b) => b.key.localeCompare(a.key)),
    byFinding: rowsOf(byFinding, hourlyRate),
  };
}
