import { EntitySchema } from 'typeorm';
import type { BikeRule } from '@cadre/core/rounds';
import { json, key, moment, uuid, whole, word, words, yes } from '@cadre/server/platform/database';

/** A batch of checks across many bikes with a deadline. How far it is, the checks tell. */
export interface RoundRow {
  id: string;
  siteId: string;
  name: string;
  checklistKey: string | null;
  bikeIds: readonly string[];
  people: readonly string[];
  deadline: Date;
  madeBy: string | null;
  madeAt: Date;
  standingId: string | null;
  state: 'open' | 'closed';
  closedBy: string | null;
  closedAt: Date | null;
  undone: readonly { bikeId: string; why: string }[];
  version: number;
}
export const roundEntity = new EntitySchema<RoundRow>({
  name: 'round',
  columns: {
    id: key(),
    siteId: uuid(),
    name: words(80),
    checklistKey: word({ nullable: true }),
    bikeIds: json(),
    people: json(),
    deadline: moment(),
    madeBy: uuid({ nullable: true }),
    madeAt: moment(),
    standingId: uuid({ nullable: true }),
    state: word(),
    closedBy: uuid({ nullable: true }),
    closedAt: moment({ nullable: true }),
    undone: json(),
    version: whole(),
  },
  indices: [{ name: 'round_state', columns: ['state', 'closedAt'] }],
});

/** A round for every day, by rule. */
export interface StandingRoundRow {
  id: string;
  siteId: string;
  name: string;
  checklistKey: string | null;
  rule: BikeRule;
  people: readonly string[];
  doneBy: string;
  active: boolean;
  version: number;
}
export const standingRoundEntity = new EntitySchema<StandingRoundRow>({
  name: 'standing_round',
  columns: {
    id: key(),
    siteId: uuid(),
    name: words(80),
    checklistKey: word({ nullable: true }),
    rule: json(),
    people: json(),
    doneBy: word(),
    active: yes(),
    version: whole(),
  },
});
