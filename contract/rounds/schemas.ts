import { BIKE_KINDS } from '@cadre/core/fleet';
import { clockTime, id, instant, note, messages, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const checklistKey = z.string().check(z.regex(/^[a-z0-9-]{1,60}$/));

/** Which bikes a round is of. An empty list asks nothing. */
export const bikeRule = z.object({
  rackIds: z.array(id).check(z.maxLength(200)),
  kinds: z.array(z.enum(BIKE_KINDS)).check(z.maxLength(BIKE_KINDS.length)),
  sizes: z.array(text(20)).check(z.maxLength(40)),
  due: z.boolean(),
  forGroups: z.boolean(),
  returned: z.optional(z.boolean()),
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
  /** The checklist every bike is looked over with; null: the ride-out of each kind of bike. */
  checklistKey: z.nullable(checklistKey),
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
  /** Minutes a bike that this program's people needed lately on this checklist. */
  minutes: z.array(z.number()),
});

export const standingRound = z.object({
  id,
  siteId: id,
  name: z.string(),
  checklistKey: z.nullable(checklistKey),
  rule: bikeRule,
  people: z.array(id),
  /** Site time by which it is to be done. */
  doneBy: z.string(),
  active: z.boolean(),
  version,
});

const people = z.array(id).check(z.maxLength(50));
const bikeIds = z.array(id).check(z.minLength(1), z.maxLength(500));

export const listRounds = messages({
  answer: z.object({ rounds: z.array(round), standing: z.array(standingRound) }),
});

export const getRound = messages({ params: z.object({ id }), answer: round });

export const makeRound = messages({
  body: z.object({
    id,
    siteId: id,
    name: text(80),
    checklistKey: z.nullable(checklistKey),
    bikeIds,
    people,
    deadline: instant,
    at: instant,
  }),
  answer: round,
});

export const changeRound = messages({
  params: z.object({ id }),
  body: z.object({ id, name: text(80), bikeIds, people, deadline: instant, version }),
  answer: round,
});

export const closeRound = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    undone: z.array(z.object({ bikeId: id, why: note(200) })).check(z.maxLength(500)),
    at: instant,
  }),
  answer: round,
});

export const setStandingRound = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    siteId: id,
    name: text(80),
    checklistKey: z.nullable(checklistKey),
    rule: bikeRule,
    people,
    doneBy: clockTime,
    active: z.boolean(),
    version: z.nullable(version),
  }),
  answer: standingRound,
});
