import { EntitySchema } from 'typeorm';
import type { TimedRecheck } from '@cadre/core/timed-rechecks';
import { json, key, moment, uuid, whole } from '@cadre/server/platform/database';

/** A look asked for later. The columns a query asks for; the rest is its document. */
export interface TimedRecheckRow {
  id: string;
  bikeId: string;
  recheck: TimedRecheck;
  dueAt: Date | null;
  outings: number | null;
  outingsUsed: number;
  raisedAt: Date | null;
  endedAt: Date | null;
}
export const timedRecheckEntity = new EntitySchema<TimedRecheckRow>({
  name: 'timed_recheck',
  columns: {
    id: key(),
    bikeId: uuid(),
    recheck: json(),
    dueAt: moment({ nullable: true }),
    outings: whole({ nullable: true }),
    outingsUsed: whole(),
    raisedAt: moment({ nullable: true }),
    endedAt: moment({ nullable: true }),
  },
  indices: [
    { name: 'timed_recheck_bike', columns: ['bikeId', 'endedAt'] },
    { name: 'timed_recheck_due', columns: ['endedAt', 'raisedAt', 'dueAt'] },
  ],
});
