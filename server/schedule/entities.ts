import { EntitySchema } from 'typeorm';
import type { Want } from '@cadre/core/schedule';
import { json, key, moment, uuid, whole, words } from '@cadre/server/platform/database';

/** People due out at a time. The table's name is not the word `groups`, which this database keeps for itself. */
export interface OutingGroupRow {
  id: string;
  siteId: string;
  name: string;
  outAt: Date;
  backAt: Date;
  wanted: readonly Want[];
  version: number;
}
export const outingGroupEntity = new EntitySchema<OutingGroupRow>({
  name: 'outing_group',
  columns: {
    id: key(),
    siteId: uuid(),
    name: words(80),
    outAt: moment(),
    backAt: moment(),
    wanted: json(),
    version: whole(),
  },
  indices: [{ name: 'outing_group_back', columns: ['backAt'] }],
});
