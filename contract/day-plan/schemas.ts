import { UNMET_BECAUSE, WORKS } from '@cadre/core/day-plan';
import { day, id, instant, messages, version } from '@cadre/contract/http/schemas';
import { want } from '@cadre/contract/schedule/schemas';
import * as z from 'zod/mini';

const planPerson = z.object({ personId: id, from: instant, until: instant });

const planItem = z.object({
  bikeId: id,
  personId: id,
  work: z.enum(WORKS),
  minutes: z.number().check(z.gt(0), z.lte(24 * 60)),
  /** When it is done if all goes by the plan. */
  readyAt: instant,
  /** The group it is done for; null: nobody waits for it. */
  groupId: z.nullable(id),
  /** It was given to this person by hand. */
  byHand: z.boolean(),
});

const unmet = z.object({
  groupId: id,
  want,
  short: z.int().check(z.gte(1), z.lte(500)),
  because: z.enum(UNMET_BECAUSE),
});

const fields = {
  siteId: id,
  day,
  people: z.array(planPerson).check(z.minLength(1), z.maxLength(50)),
  items: z.array(planItem).check(z.maxLength(1000)),
  unmet: z.array(unmet).check(z.maxLength(400)),
  /** Bikes the groups want. */
  needed: z.int().check(z.gte(0), z.lte(10_000)),
  /** How far from the best there could be, as a share; null: nobody knows. */
  gap: z.nullable(z.number().check(z.gte(0), z.lte(1))),
};

export const dayPlan = z.object({ id, ...fields, madeBy: id, madeAt: instant, version });

export const listDayPlans = messages({ answer: z.object({ plans: z.array(dayPlan) }) });

/** Makes the plan of a day, or makes it again: `version` is null for the first. */
export const setDayPlan = messages({
  params: z.object({ id }),
  body: z.object({ id, ...fields, version: z.nullable(version), at: instant }),
  answer: dayPlan,
});
