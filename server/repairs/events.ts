import type { Touched } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';
import type { Joint } from '@cadre/core/fleet';
import type { RepairPlan, UsedPart } from '@cadre/core/repairs';

export interface RepairEvents {
  'repair.started': { bikeId: string; repairId: string; findings: readonly Finding[] };
  'repair.planned': { bikeId: string; repairId: string; plan: RepairPlan };
  'repair.done': {
    bikeId: string;
    repairId: string;
    findings: readonly Finding[];
    work: readonly { findingId: string; done: string }[];
    touched: readonly Touched[];
    minutes: number | null;
    /** Absent in entries from before there was a stock. */
    used?: readonly UsedPart[];
    torques?: readonly { joint: Joint; newtonMetres: number }[];
  };
  /** Its part is not on the bike any more. `settles`: the repair whose last question it was. */
  'finding.closed': { bikeId: string; finding: Finding; reason: string; settles: string | null };
  /** `hangTagBack`: the tag that hung on it, back in hand. */
  'bike.released': { bikeId: string; note: string; findings: readonly Finding[]; hangTagBack?: string };
  'hang-tag.hung': { bikeId: string; hangTag: string };
}
