import { proof } from '@cadre/contract/authorship/schemas';
import { POSITIONS, TOUCHES } from '@cadre/core/catalogue';
import { FITMENT_POSITIONS, JOINTS, PART_KINDS } from '@cadre/core/fleet';
import { WAITS_FOR } from '@cadre/core/repairs';
import { check } from '@cadre/contract/checks/schemas';
import { bike } from '@cadre/contract/fleet/schemas';
import { id, instant, note, messages, text } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

/** A part a repair used, as priced on the day. */
export const usedPart = z.object({
  itemId: id,
  name: z.string(),
  kind: z.enum(PART_KINDS),
  count: z.int(),
  price: z.int(),
  findingId: id,
});
const newtonMetres = z.number().check(z.gte(0.5), z.lte(200));
/** A joint tightened, N m: what it was left at, with which wrench, and each pull in order where the wrench told. */
const torque = z.object({
  joint: z.enum(JOINTS),
  newtonMetres,
  equipmentId: z.optional(id),
  pulls: z.optional(z.array(newtonMetres).check(z.maxLength(60))),
});
const needs = z
  .array(z.object({ itemId: id, count: z.int().check(z.gte(1), z.lte(200)) }))
  .check(z.maxLength(30));
const waits = z.object({
  for: z.enum(WAITS_FOR),
  what: text(200),
  until: z.nullable(instant),
  since: instant,
});
export const plan = z.object({
  stand: z.string(),
  personId: z.nullable(id),
  needs,
  waits: z.nullable(waits),
});

const touched = z.object({ touch: z.enum(TOUCHES), position: z.enum(POSITIONS) });

export const repair = z.object({
  id,
  bikeId: id,
  state: z.enum(['started', 'done', 'rechecked']),
  findingIds: z.array(id),
  startedBy: id,
  startedAt: instant,
  doneBy: z.nullable(id),
  doneAt: z.nullable(instant),
  work: z.array(z.object({ findingId: id, done: z.string() })),
  touched: z.array(touched),
  minutes: z.nullable(z.int()),
  recheckCheckId: z.nullable(id),
  plan,
  used: z.array(usedPart),
  torques: z.array(torque),
});

export const listRepairs = messages({
  query: z.object({
    after: z.optional(id),
    most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(500)), 200),
  }),
  answer: z.object({ repairs: z.array(repair), next: z.nullable(id) }),
});

const repairAnswer = z.object({ repair, bike });

export const startRepair = messages({
  body: z.object({
    id,
    bikeId: id,
    findingIds: z.array(id).check(z.minLength(1), z.maxLength(50)),
    at: instant,
  }),
  answer: repairAnswer,
});

export const planRepair = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    plan: z.object({ stand: note(40), personId: z.nullable(id), needs, waits: z.nullable(waits) }),
    at: instant,
  }),
  answer: repairAnswer,
});

export const finishRepair = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    work: z.array(z.object({ findingId: id, done: text(400) })).check(z.minLength(1), z.maxLength(50)),
    touched: z.array(touched).check(z.maxLength(40)),
    minutes: z.nullable(z.int().check(z.gte(0), z.lte(10_000))),
    /** Off the shelf. Where `fits` says where, it is on the bike from now on and what sat there is off. */
    used: z.optional(
      z
        .array(
          z.object({
            itemId: id,
            count: z.int().check(z.gte(1), z.lte(200)),
            findingId: id,
            fits: z.nullable(
              z.object({ partId: id, position: z.enum(FITMENT_POSITIONS), anyway: note(200) }),
            ),
          }),
        )
        .check(z.maxLength(30)),
    ),
    torques: z.optional(z.array(torque).check(z.maxLength(30))),
    at: instant,
  }),
  answer: repairAnswer,
});

export const openRecheck = messages({
  params: z.object({ id }),
  body: z.object({ id, at: instant }),
  answer: check,
});

export const releaseBike = messages({
  params: z.object({ id }) /** A hang-tag that hangs on the bike must be back in hand. */,
  body: z.object({
    id,
    note: note(400),
    hangTagBack: z.optional(z.boolean()),
    at: instant,
    proof: z.optional(proof),
  }),
  answer: bike,
});

export const hangTag = messages({
  params: z.object({ id }),
  body: z.object({ id, hangTag: text(40), at: instant }),
  answer: bike,
});

const costRow = z.object({
  key: z.string(),
  repairs: z.int(),
  minutes: z.number(),
  parts: z.number(),
  cost: z.number(),
});

export const listCosts = messages({
  query: z.object({
    from: z.coerce.number().check(z.int(), z.gte(0)),
    to: z.coerce.number().check(z.int(), z.gte(0)),
    bikeId: z.optional(id),
  }),
  answer: z.object({
    total: costRow,
    byBike: z.array(costRow),
    byKind: z.array(costRow),
    byMonth: z.array(costRow),
    byFinding: z.array(costRow),
  }),
});
