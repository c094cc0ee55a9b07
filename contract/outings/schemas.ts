import { CONDITIONS } from '@cadre/core/catalogue';
import { RETURN_WAYS } from '@cadre/core/outings';
import { bike } from '@cadre/contract/fleet/schemas';
import { id, instant, messages, note } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const outing = z.object({
  id,
  bikeId: id,
  groupId: z.nullable(id),
  groupName: z.string(),
  at: instant,
  dueBackAt: z.nullable(instant),
  backAt: z.nullable(instant),
  way: z.nullable(z.enum(RETURN_WAYS)),
  conditions: z.nullable(z.enum(CONDITIONS)),
  km: z.nullable(z.number()),
});

const bikeIds = z.array(id).check(z.minLength(1), z.maxLength(200));

export const listOutings = messages({
  query: z.object({ since: z.coerce.number().check(z.int(), z.gte(0)) }),
  answer: z.object({
    outings: z.array(outing),
    /** Outings of each bike in the last 30 days. */
    lately: z.array(z.object({ bikeId: id, outings: z.int() })),
  }),
});

export const handOut = messages({
  body: z.object({
    id,
    bikeIds,
    groupId: z.nullable(id),
    /** When it is expected back; null: when its group is, or nobody said. */
    dueBackAt: z.nullable(instant),
    at: instant,
  }),
  answer: z.object({ bikes: z.array(bike) }),
});

export const takeBack = messages({
  body: z.object({
    id,
    bikeIds,
    way: z.enum(RETURN_WAYS),
    conditions: z.enum(CONDITIONS),
    /** What its computer stands at; of one bike only. */
    odometerKm: z.nullable(z.number().check(z.gte(0), z.lte(1_000_000))),
    /** The reading was read again: the bike went as far as that. */
    odometerSure: z.boolean(),
    note: note(400),
    at: instant,
  }),
  answer: z.object({ bikes: z.array(bike) }),
});
