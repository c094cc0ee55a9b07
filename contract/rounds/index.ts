import { BIKE_KINDS } from '@cadre/core/fleet';
import { clockTime, id, instant, note, route, text, version } from '@cadre/contract/http';
import * as z from 'zod/mini';

const sheetKey = z.string().check(z.regex(/^[a-z0-9-]{1,60}$/));

/** Which bikes a round is of. An empty list asks nothing. */
export const bikeRule = z.object({
  rackIds: z.array(id).check(z.maxLength(200)),
  kinds: z.array(z.enum(BIKE_KINDS)).check(z.maxLength(BIKE_KINDS.length)),
  sizes: z.array(text(20)).check(z.maxLength(40)),
  due: z.boolean(),
  forGroups: z.boolean(),
  named: z.array(id).check(z.maxLength(500)),
});

const roundLook = z.object({
  bikeId: id,
  checkId: id,
  state: z.enum(['open', 'signed']),
  by: id,
  lastAt: instant,
  signedBy: z.nullable(id),
  signedAt: z.nullable(instant),
  complete: z.boolean(),
  found: z.int(),
});

const undone = z.object({ bikeId: id, why: text(200) });

export const round = z.object({
  id,
  siteId: id,
  name: z.string(),
  /** The sheet every bike is looked over with; null: the ride-out of each kind of bike. */
  sheetKey: z.nullable(sheetKey),
  bikeIds: z.array(id),
  people: z.array(id),
  deadline: instant,
  madeBy: z.nullable(id),
  madeAt: instant,
  /** The standing rule that made it, if one did. */
  standingId: z.nullable(id),
  state: z.enum(['open', 'closed']),
  closedBy: z.nullable(id),
  closedAt: z.nullable(instant),
  undone: z.array(undone),
  version,
  looks: z.array(roundLook),
  /** Minutes a bike that this program's people needed lately on this sheet. */
  minutes: z.array(z.number()),
});
export type Round = z.infer<typeof round>;

export const standingRound = z.object({
  id,
  siteId: id,
  name: z.string(),
  sheetKey: z.nullable(sheetKey),
  rule: bikeRule,
  people: z.array(id),
  /** Site time by which it is to be done. */
  doneBy: z.string(),
  active: z.boolean(),
  version,
});
export type StandingRound = z.infer<typeof standingRound>;

const people = z.array(id).check(z.maxLength(50));
const bikeIds = z.array(id).check(z.minLength(1), z.maxLength(500));

export const listRounds = route({
  name: 'rounds.list',
  method: 'GET',
  path: '/api/v1/rounds',
  act: 'see',
  answer: z.object({ rounds: z.array(round), standing: z.array(standingRound) }),
});

export const getRound = route({
  name: 'rounds.get',
  method: 'GET',
  path: '/api/v1/rounds/:id',
  act: 'see',
  params: z.object({ id }),
  answer: round,
});

export const makeRound = route({
  name: 'rounds.make',
  method: 'POST',
  path: '/api/v1/rounds',
  act: 'sign',
  body: z.object({
    id,
    siteId: id,
    name: text(80),
    sheetKey: z.nullable(sheetKey),
    bikeIds,
    people,
    deadline: instant,
    at: instant,
  }),
  answer: round,
});

export const changeRound = route({
  name: 'rounds.change',
  method: 'PUT',
  path: '/api/v1/rounds/:id',
  act: 'sign',
  params: z.object({ id }),
  body: z.object({ id, name: text(80), bikeIds, people, deadline: instant, version }),
  answer: round,
});

/** Closes it. Every bike not done is named with why. */
export const closeRound = route({
  name: 'rounds.close',
  method: 'POST',
  path: '/api/v1/rounds/:id/close',
  act: 'sign',
  params: z.object({ id }),
  body: z.object({
    id,
    undone: z.array(z.object({ bikeId: id, why: note(200) })).check(z.maxLength(500)),
    at: instant,
  }),
  answer: round,
});

/** A round for every day, made by itself before the site opens. */
export const setStandingRound = route({
  name: 'standing-rounds.set',
  method: 'PUT',
  path: '/api/v1/standing-rounds/:id',
  act: 'edit-fleet',
  params: z.object({ id }),
  body: z.object({
    id,
    siteId: id,
    name: text(80),
    sheetKey: z.nullable(sheetKey),
    rule: bikeRule,
    people,
    doneBy: clockTime,
    active: z.boolean(),
    version: z.nullable(version),
  }),
  answer: standingRound,
});
