import { EntitySchema } from 'typeorm';
import type { IncidentKind } from '@cadre/core/incidents';
import { key, moment, uuid, word, words } from '@cadre/server/platform/database';

export interface IncidentRow {
  id: string;
  bikeId: string;
  kind: IncidentKind;
  at: Date;
  by: string;
  note: string;
}
export const incidentEntity = new EntitySchema<IncidentRow>({
  name: 'incident',
  columns: { id: key(), bikeId: uuid(), kind: word(), at: moment(), by: uuid(), note: words(400) },
  indices: [{ name: 'incident_bike', columns: ['bikeId', 'at'] }],
});
