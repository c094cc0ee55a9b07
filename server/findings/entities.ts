import { EntitySchema } from 'typeorm';
import type { Finding, FindingState } from '@cadre/core/findings';
import { json, key, moment, uuid, whole, word } from '@cadre/server/platform/database';

/** A finding as it stands. The fields a query asks for have columns; the rest is its document. */
export interface FindingRow {
  id: string;
  bikeId: string;
  state: FindingState;
  severity: Finding['severity'];
  outingsUsed: number;
  finding: Finding;
  openedAt: Date;
}
export const findingEntity = new EntitySchema<FindingRow>({
  name: 'finding',
  columns: {
    id: key(),
    bikeId: uuid(),
    state: word(),
    severity: word(),
    outingsUsed: whole(),
    finding: json(),
    openedAt: moment(),
  },
  indices: [{ name: 'finding_bike', columns: ['bikeId', 'state', 'openedAt'] }],
});
