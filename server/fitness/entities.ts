import { EntitySchema } from 'typeorm';
import type { FitnessFacts } from '@cadre/core/fitness';
import { json, key, moment, uuid, words, yes } from '@cadre/server/platform/database';

/** What a bike's fitness is evaluated from. Never the word itself. */
export interface BikeStateRow {
  bikeId: string;
  facts: FitnessFacts;
}
export const bikeStateEntity = new EntitySchema<BikeStateRow>({
  name: 'bike_state',
  columns: { bikeId: key(), facts: json() },
});

/** From when to when a bike is kept off the trail, whatever is found meanwhile. */
export interface HoldRow {
  id: string;
  bikeId: string;
  since: Date;
  endedAt: Date | null;
  hangTag: string | null;
  /** Nothing but stops marked in checks under way has held the bike in it. */
  draft: boolean;
}
export const holdEntity = new EntitySchema<HoldRow>({
  name: 'hold',
  columns: {
    id: key(),
    bikeId: uuid(),
    since: moment(),
    endedAt: moment({ nullable: true }),
    hangTag: words(40, { nullable: true }),
    draft: yes(),
  },
  indices: [{ name: 'hold_bike', columns: ['bikeId', 'endedAt'] }],
});
