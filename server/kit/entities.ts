import { EntitySchema } from 'typeorm';
import type { KitContent, KitKind, KitMissing, KitState } from '@cadre/core/kit';
import { json, key, moment, uuid, whole, word, words, yes } from '@cadre/server/platform/database';

/** A thing that is lent besides bikes: as it is set up, where it is, and what keeps it here. */
export interface KitItemRow {
  id: string;
  siteId: string;
  kind: KitKind;
  tag: string;
  size: string;
  contents: readonly KitContent[];
  expiresOn: string | null;
  whereabouts: KitState['whereabouts'];
  groupId: string | null;
  groupName: string;
  since: Date | null;
  missing: readonly KitMissing[];
  damp: boolean;
  impactOn: string | null;
  withdrawn: string | null;
  inspectedBy: string | null;
  inspectedAt: Date | null;
  version: number;
}
export const kitItemEntity = new EntitySchema<KitItemRow>({
  name: 'kit_item',
  columns: {
    id: key(),
    siteId: uuid(),
    kind: word(),
    tag: words(20),
    size: words(20),
    contents: json(),
    expiresOn: word({ nullable: true }),
    whereabouts: word(),
    groupId: uuid({ nullable: true }),
    groupName: words(80),
    since: moment({ nullable: true }),
    missing: json(),
    damp: yes(),
    impactOn: word({ nullable: true }),
    withdrawn: words(400, { nullable: true }),
    inspectedBy: uuid({ nullable: true }),
    inspectedAt: moment({ nullable: true }),
    version: whole(),
  },
  indices: [
    { name: 'kit_item_tag', columns: ['tag'], unique: true },
    { name: 'kit_item_group', columns: ['groupId'] },
  ],
});
