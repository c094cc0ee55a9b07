import type { Touched } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';
import { type RepairPlan, type TightenedJoint, type UsedPart, NO_PLAN } from '@cadre/core/repairs';
import { IsNull } from 'typeorm';
import { saveFindings } from '@cadre/server/findings';
import { holdEntity } from '@cadre/server/fitness';
import { bikeEntity } from '@cadre/server/fleet';
import { stockMoved } from '@cadre/server/parts';
import type { Projections } from '@cadre/server/platform/event-log';
import { repairEntity } from './entities';

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
    torques?: readonly TightenedJoint[];
  };
  /** Its part is not on the bike any more. `settles`: the repair whose last question it was. */
  'finding.closed': { bikeId: string; finding: Finding; reason: string; settles: string | null };
  /** `hangTagBack`: the tag that hung on it, back in hand. */
  'bike.released': { bikeId: string; note: string; findings: readonly Finding[]; hangTagBack?: string };
  'hang-tag.hung': { bikeId: string; hangTag: string };
}

export const repairProjections: Projections<RepairEvents> = {
  async 'repair.started'(tx, { body: { repairId: id, bikeId, findings }, author, happenedAt }) {
    await tx.getRepository(repairEntity).insert({
      ...{ id, bikeId, state: 'started', findingIds: findings.map((finding) => finding.id) },
      ...{ startedBy: author ?? '', startedAt: new Date(happenedAt) },
      ...{ work: [], touched: [], plan: NO_PLAN, used: [], torques: [] },
    });
    await saveFindings(tx, bikeId, findings);
    await tx.getRepository(bikeEntity).update({ id: bikeId }, { whereabouts: 'on-the-bench' });
  },
  async 'repair.planned'(tx, { body }) {
    await tx.getRepository(repairEntity).update({ id: body.repairId }, { plan: body.plan });
  },
  async 'repair.done'(tx, { body, author, happenedAt }) {
    const { repairId: id, bikeId, findings, work, touched, minutes, used = [], torques = [] } = body;
    const done = { state: 'done', doneBy: author, doneAt: new Date(happenedAt) };
    await tx
      .getRepository(repairEntity)
      .update({ id }, { ...done, work, touched, minutes, used, torques } as object);
    await stockMoved(
      tx,
      used.map(({ itemId, count }) => ({ itemId, by: -count })),
    );
    await saveFindings(tx, bikeId, findings);
  },
  async 'finding.closed'(tx, { body: { bikeId, finding, settles } }) {
    if (settles) await tx.getRepository(repairEntity).update({ id: settles }, { state: 'rechecked' });
    await saveFindings(tx, bikeId, [finding]);
  },
  async 'bike.released'(tx, { body: { bikeId, findings }, happenedAt }) {
    await saveFindings(tx, bikeId, findings);
    await tx
      .getRepository(holdEntity)
      .update({ bikeId, endedAt: IsNull() }, { endedAt: new Date(happenedAt) });
  },
  async 'hang-tag.hung'(tx, { body: { bikeId, hangTag } }) {
    await tx.getRepository(holdEntity).update({ bikeId, endedAt: IsNull() }, { hangTag });
  },
};
