import { CLIMATES, OVERDUE_MEANINGS } from '@cadre/core/catalogue';
import { INTERVAL_COUNTS } from '@cadre/core/measures';
import { bike } from '@cadre/contract/fleet/schemas';
import { id, instant, messages, note } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const counted = z.partialRecord(z.enum(INTERVAL_COUNTS), z.number());

export const bikeService = z.object({
  key: z.string(),
  name: z.string(),
  overdue: z.enum(OVERDUE_MEANINGS),
  every: counted,
  /** It runs only in these climates; empty: all year. */
  climates: z.array(z.enum(CLIMATES)),
  /** Of each count, how much is left at the pace of the season there is now. */
  left: counted,
  since: instant,
  everDone: z.boolean(),
  dueAt: z.nullable(instant),
  by: z.nullable(z.enum(INTERVAL_COUNTS)),
  /** The checkpoints that settle it when they pass. */
  checkpoints: z.array(z.string()),
});
const odometer = z.object({ km: z.number(), at: instant, by: z.nullable(id) });

const answer = z.object({
  services: z.array(bikeService),
  odometer: z.nullable(odometer),
  climate: z.enum(CLIMATES),
});

export const getServices = messages({ params: z.object({ id }), answer });

export const doneService = messages({
  params: z.object({ id, key: z.string().check(z.maxLength(80)) }),
  body: z.object({ id, note: note(400), at: instant }),
  answer: bike,
});

export const readOdometer = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    km: z.number().check(z.gte(0), z.lte(1_000_000)),
    /** Somebody looked again: it is as far as that. */
    sure: z.boolean(),
    at: instant,
  }),
  answer: bike,
});
