import { EntitySchema } from 'typeorm';
import type { PrepStep } from '@cadre/core/event-prep';
import { json, key, moment, uuid, whole, words, yes } from '@cadre/server/platform/database';

export interface PlannedStep extends PrepStep {
  readonly roundId: string;
}

/** A day the bikes are made ready for, with the rounds counted back from it. */
export interface EventPrepRow {
  id: string;
  siteId: string;
  name: string;
  startsAt: Date;
  bikeIds: readonly string[];
  people: readonly string[];
  steps: readonly PlannedStep[];
  calledOff: boolean;
  version: number;
}
export const eventPrepEntity = new EntitySchema<EventPrepRow>({
  name: 'event_prep',
  columns: {
    id: key(),
    siteId: uuid(),
    name: words(80),
    startsAt: moment(),
    bikeIds: json(),
    people: json(),
    steps: json(),
    calledOff: yes(),
    version: whole(),
  },
  indices: [{ name: 'event_prep_starts', columns: ['calledOff', 'startsAt'] }],
});
