import { EntitySchema } from 'typeorm';
import { key, moment, uuid, words } from '@cadre/server/platform/database';

/** What was taken apart on a bike and not put together again. */
export interface LeftApartRow {
  id: string;
  bikeId: string;
  what: string;
  by: string;
  since: Date;
  closedBy: string | null;
  closedAt: Date | null;
}
export const leftApartEntity = new EntitySchema<LeftApartRow>({
  name: 'left_apart',
  columns: {
    id: key(),
    bikeId: uuid(),
    what: words(200),
    by: uuid(),
    since: moment(),
    closedBy: uuid({ nullable: true }),
    closedAt: moment({ nullable: true }),
  },
  indices: [{ name: 'left_apart_bike', columns: ['bikeId', 'closedAt'] }],
});
