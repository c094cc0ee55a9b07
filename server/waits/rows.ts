import { IsNull } from 'typeorm';
import type { Wait } from '@cadre/core/waits';
import type { FactSource } from '@cadre/server/fitness';
import { waitEntity, type WaitRow } from './entities';

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

/** What a bike waits for, the soonest first. */
export const waitFacts: FactSource = {
  name: 'waits',
  async gather(tx, bikeId) {
    const rows = await tx
      .getRepository(waitEntity)
      .find({ where: { bikeId, endedAt: IsNull() }, order: { dueAt: 'ASC', id: 'ASC' } });
    return { waits: rows.map(waitOf) };
  },
};
