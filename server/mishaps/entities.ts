import { EntitySchema } from 'typeorm';
import type { MishapKind } from '@cadre/core/mishaps';
import { key, moment, uuid, word, words } from '@cadre/server/platform/database';

export interface MishapRow {
  id: string;
  bikeId: string;
  kind: MishapKind;
  at: Date;
  by: string;
  note: string;
}
export const mishapEntity = new EntitySchema<MishapRow>({
  name: 'mishap',
  columns: { id: key(), bikeId: uuid(), kind: word(), at: moment(), by: uuid(), note: words(400) },
  indices: [{ name: 'mishap_bike', columns: ['bikeId', 'at'] }],
});
