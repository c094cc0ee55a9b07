import { IsNull, type EntityManager } from 'typeorm';
import type { Wait } from '@cadre/core/waits';
import type { EntryBodies } from '@cadre/server/records';
import { waitEntity, type WaitRow } from '@cadre/server/waits/entities';
import { keepFindings } from './check-rows';

/** A wait with what its columns know better than its document. */
export function waitOf(row: WaitRow): Wait {
  return {
    ...row.wait,
    dueAt: row.dueAt?.getTime() ?? null,
    outings: row.outings,
    outingsUsed: row.outingsUsed,
    raisedAt: row.raisedAt?.getTime() ?? null,
  };
}

export async function waitSet(tx: EntityManager, bikeId: string, wait: Wait): Promise<void> {
  const { id, dueAt, outings, outingsUsed } = wait;
  await tx
    .getRepository(waitEntity)
    .insert({
      id,
      bikeId,
      wait,
      dueAt: dueAt === null ? null : new Date(dueAt),
      outings,
      outingsUsed,
      raisedAt: null,
      endedAt: null,
    });
}

/** The bike goes out: one outing more for what waits for outings. */
export async function waitsRidden(tx: EntityManager, bikeId: string): Promise<void> {
  await tx.query(
    'UPDATE bike_wait SET outingsUsed = outingsUsed + 1 WHERE bikeId = ? AND outings IS NOT NULL AND endedAt IS NULL',
    [bikeId],
  );
}

/** Over, or going on: then it raises itself anew. */
export async function waitAnswered(
  tx: EntityManager,
  body: EntryBodies['wait.answered'],
  at: Date,
): Promise<void> {
  await tx
    .getRepository(waitEntity)
    .update(
      { id: body.waitId },
      body.againAt === null ? { endedAt: at } : { dueAt: new Date(body.againAt), raisedAt: null },
    );
  await keepFindings(tx, body.bikeId, body.findings);
}

/** What a bike waits for, the soonest first. */
export async function waitsOf(tx: EntityManager, bikeId: string): Promise<Wait[]> {
  const rows = await tx
    .getRepository(waitEntity)
    .find({ where: { bikeId, endedAt: IsNull() }, order: { dueAt: 'ASC', id: 'ASC' } });
  return rows.map(waitOf);
}
