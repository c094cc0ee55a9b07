import type { DataSource } from 'typeorm';
import type { AnswerOf } from '@cadre/contract/http';
import type { looseJoints as looseRoute } from '@cadre/contract/torque';
import type { Position } from '@cadre/core/catalogue';
import { DAY_MS } from '@cadre/core/time';
import { jointFoundLoose, looseJoints, type FoundLoose } from '@cadre/core/torque';
import { findBike } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';

/** What was loose longer ago has been put right since, or is another bike by now. */
const SPAN_DAYS = 365;

interface FaultRow {
  readonly bikeId: string;
  readonly checkpoint: string;
  readonly position: Position;
  readonly fault: string | null;
  readonly at: Date;
}

/** What bolts do over time: those that come loose again and again. */
export class Torque {
  constructor(
    private readonly source: DataSource,
    private readonly now: () => number,
  ) {}

  async looseJoints(actor: Actor, bikeId: string): Promise<AnswerOf<typeof looseRoute>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const { modelId } = await findBike(tx, bikeId);
    const since = new Date(this.now() - SPAN_DAYS * DAY_MS);
    // Findings, and what was put right on the spot, which leaves none.
    const rows = await tx.query<FaultRow[]>(
      `SELECT f.bikeId, JSON_VALUE(f.finding, '$.checkpoint') AS checkpoint, JSON_VALUE(f.finding, '$.position') AS position, JSON_VALUE(f.finding, '$.fault') AS fault, f.openedAt AS at
         FROM finding f JOIN bike b ON b.id = f.bikeId WHERE (b.id = ? OR b.modelId = ?) AND f.openedAt >= ?
       UNION ALL
       SELECT c.bikeId, m.checkpoint, m.position, JSON_VALUE(m.faults, '$[0].fault'), m.at
         FROM mark m JOIN bike_check c ON c.id = m.checkId JOIN bike b ON b.id = c.bikeId WHERE (b.id = ? OR b.modelId = ?) AND c.state = 'signed' AND m.outcome = 'fixed' AND m.at >= ?`,
      [bikeId, modelId, since, bikeId, modelId, since],
    );
    const found = rows.flatMap(({ fault, ...row }): FoundLoose[] => {
      const joint = fault ? jointFoundLoose({ ...row, fault }) : null;
      return joint ? [{ bikeId: row.bikeId, modelId, joint, at: row.at.getTime() }] : [];
    });
    return { joints: looseJoints(bikeId, found).map((joint) => ({ ...joint })) };
  }
}
