import type { EntityManager } from 'typeorm';
import type { Check } from '@cadre/contract/checks';
import { checklistByHash } from '@cadre/server/catalogue';
import { exposuresNow } from './exposure';
import { markOf } from './rows';
import { RefusedError } from '@cadre/server/platform/event-log';
import { checkEntity, markEntity, type CheckRow } from './entities';

export async function findCheck(tx: EntityManager, id: string): Promise<CheckRow> {
  const row = await tx.getRepository(checkEntity).findOneBy({ id });
  if (!row) throw new RefusedError('not-found', { what: 'check' });
  return row;
}

/** @param now while it is open, what it asks is told as it stands at this moment */
export async function describeCheck(tx: EntityManager, id: string, now: number): Promise<Check> {
  const row = await findCheck(tx, id);
  const { checklist } = await checklistByHash(tx, row.checklistHash);
  const marks = await tx
    .getRepository(markEntity)
    .find({ where: { checkId: id }, order: { at: 'ASC', id: 'ASC' } });
  return {
    id: row.id,
    bikeId: row.bikeId,
    checklistHash: row.checklistHash,
    // Frozen content on its way out: told, never changed.
    checklist: checklist,
    state: row.state,
    openedBy: row.openedBy,
    openedAt: row.openedAt.getTime(),
    signedBy: row.signedBy,
    signedAt: row.signedAt?.getTime() ?? null,
    coSignedBy: row.coSignedBy,
    complete: row.complete,
    awaitsCoSign: row.awaitsCoSign,
    repairId: row.repairId,
    amends: row.amends,
    exposure: (await exposuresNow(tx, [row], now)).get(id) ?? null,
    reason: row.reason,
    marks: marks.map(markOf),
  };
}
