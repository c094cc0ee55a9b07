import { EntitySchema } from 'typeorm';
import type { Wait } from '@cadre/core/waits';
import { json, key, moment, uuid, whole } from '@cadre/server/platform/database';

/** A look asked for later. The columns a query asks for; the rest is its document. */
export interface WaitRow {
  id: string;
  bikeId: string;
  wait: Wait;
  dueAt: Date | null;
  outings: number | null;
  outingsUsed: number;
  raisedAt: Date | null;
  endedAt: Date | null;
}
export const waitEntity = new EntitySchema<WaitRow>({
  name: 'bike_wait',
  columns: {
    id: key(),
    bikeId: uuid(),
    wait: json(),
    dueAt: moment({ nullable: true }),
    outings: whole({ nullable: true }),
    outingsUsed: whole(),
    raisedAt: moment({ nullable: true }),
    endedAt: moment({ nullable: true }),
  },
  indices: [
    { name: 'bike_wait_bike', columns: ['bikeId', 'endedAt'] },
    { name: 'bike_wait_due', columns: ['endedAt', 'raisedAt', 'dueAt'] },
  ],
});
