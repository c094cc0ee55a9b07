import { EntitySchema } from 'typeorm';
import type { Position } from '@cadre/core/catalogue';
import { json, key, moment, uuid, word, words } from '@cadre/server/platform/database';

/** A signed reading, by its mark: what wear and limits are asked of, without walking every mark there is. */
export interface BikeReadingRow {
  /** The mark's. */
  id: string;
  checkId: string;
  bikeId: string;
  checkpoint: string;
  position: Position;
  measure: string;
  method: string | null;
  values: readonly number[];
  better: string | null;
  at: Date;
}
export const bikeReadingEntity = new EntitySchema<BikeReadingRow>({
  name: 'bike_reading',
  columns: {
    id: key(),
    checkId: uuid(),
    bikeId: uuid(),
    checkpoint: word(),
    position: word(),
    measure: word(),
    method: words(40, { nullable: true }),
    values: { ...json(), name: 'taken' },
    better: word({ nullable: true }),
    at: moment(),
  },
  indices: [
    { name: 'bike_reading_bike', columns: ['bikeId', 'measure'] },
    { name: 'bike_reading_measure', columns: ['measure', 'at'] },
    { name: 'bike_reading_check', columns: ['checkId'] },
  ],
});
