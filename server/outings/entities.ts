import { EntitySchema } from 'typeorm';
import type { Conditions } from '@cadre/core/catalogue';
import type { ReturnCause, ReturnWay } from '@cadre/core/outings';
import { key, moment, uuid, word, words } from '@cadre/server/platform/database';

/** A bike was out, from when it was handed out to when it was taken back. */
export interface OutingRow {
  /** Of the entry that handed it out. */
  id: string;
  bikeId: string;
  at: Date;
  groupId: string | null;
  groupName: string;
  dueBackAt: Date | null;
  backAt: Date | null;
  way: ReturnWay | null;
  conditions: Conditions | null;
  /** As it was told: by the bike's computer. */
  km: string | null;
  /** Why the return checklist is due since; null: the turnaround is enough. */
  returnCause: ReturnCause | null;
}
export const outingEntity = new EntitySchema<OutingRow>({
  name: 'outing',
  columns: {
    id: key(),
    bikeId: uuid(),
    at: moment(),
    groupId: uuid({ nullable: true }),
    groupName: words(80),
    dueBackAt: moment({ nullable: true }),
    backAt: moment({ nullable: true }),
    way: word({ nullable: true }),
    conditions: word({ nullable: true }),
    km: word({ nullable: true }),
    returnCause: word({ nullable: true }),
  },
  indices: [{ name: 'outing_bike', columns: ['bikeId', 'at'] }],
});
