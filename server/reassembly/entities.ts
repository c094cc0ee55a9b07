import { EntitySchema } from 'typeorm';
import { key, moment, uuid, words } from '@cadre/server/platform/database';

/** What was taken apart on a bike and not put together again. */
export interface NotReassembledRow {
  id: string;
  bikeId: string;
  what: string;
  by: string;
  since: Date;
  closedBy: string | null;
  closedAt: Date | null;
}
export const notReassembledEntity = new EntitySchema<NotReassembledRow>({
  name: 'not_reassembled',
  columns: {
    id: key(),
    bikeId: uuid(),
    what: words(200),
    by: uuid(),
    since: moment(),
    closedBy: uuid({ nullable: true }),
    closedAt: moment({ nullable: true }),
  },
  indices: [{ name: 'not_reassembled_bike', columns: ['bikeId', 'closedAt'] }],
});
