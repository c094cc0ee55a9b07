import { IsNull } from 'typeorm';
import type { TimedRecheck } from '@cadre/core/timed-rechecks';
import type { FactSource } from '@cadre/server/fitness';
import { timedRecheckEntity, type TimedRecheckRow } from './entities';

/** A recheck with what its columns know better than its document. */
export function timedRecheckOf(row: TimedRecheckRow): TimedRecheck {
  return {
    ...row.recheck,
    dueAt: row.dueAt?.getTime() ?? null,
    outings: row.outings,
    outingsUsed: row.outingsUsed,
    raisedAt: row.raisedAt?.getTime() ?? null,
  };
}

/** What a bike waits for, the soonest first. */
export const timedRecheckFacts: FactSource = {
  name: 'timed-rechecks',
  async gather(tx, bikeId) {
    const rows = await tx
      .getRepository(timedRecheckEntity)
      .find({ where: { bikeId, endedAt: IsNull() }, order: { dueAt: 'ASC', id: 'ASC' } });
    return { timedRechecks: rows.map(timedRecheckOf) };
  },
};
