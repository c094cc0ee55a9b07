import { EntitySchema } from 'typeorm';
import type { DueService } from '@cadre/core/fitness';
import { json, key, moment, uuid, word, words } from '@cadre/server/platform/database';

/** When something was last done to a bike: a question passed, work, a new part, a service. */
export interface BikeDoneRow {
  bikeId: string;
  what: string;
  at: Date;
}
export const bikeDoneEntity = new EntitySchema<BikeDoneRow>({
  name: 'bike_done',
  columns: { bikeId: key(), what: words(160, { primary: true }), at: moment() },
});

/** What a bike's computer stood at. */
export interface OdometerRow {
  id: string;
  bikeId: string;
  /** As a decimal: the database tells it as text. */
  km: string;
  at: Date;
  by: string | null;
}
export const odometerEntity = new EntitySchema<OdometerRow>({
  name: 'odometer',
  columns: {
    id: key(),
    bikeId: uuid(),
    km: word(),
    at: moment(),
    by: { ...uuid({ nullable: true }), name: 'readBy' },
  },
  indices: [{ name: 'odometer_bike', columns: ['bikeId', 'at'] }],
});

/** Since when a bike's services count, and those with a day they fall due on: as they stood after the last thing that changed them. */
export interface BikeServiceRow {
  bikeId: string;
  born: Date;
  due: readonly DueService[];
}
export const bikeServiceEntity = new EntitySchema<BikeServiceRow>({
  name: 'bike_service',
  columns: { bikeId: key(), born: moment(), due: json() },
});
