import { SLIP_BECAUSE } from '@cadre/core/campaign';
import { day, id, instant, messages, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const minutes = z.number().check(z.gt(0), z.lte(24 * 60));

const fields = {
  siteId: id,
  name: text(80),
  /** The checklist that is done with every bike. */
  checklistKey: z.string().check(z.regex(/^[a-z0-9-]{1,60}$/)),
  /** The last day. */
  byDay: day,
  stands: z.int().check(z.gte(1), z.lte(50)),
  /** Minutes a day each stand can be used. */
  standMinutes: minutes,
  people: z
    .array(
      z.object({
        personId: id,
        minutes: z.number().check(z.gte(0), z.lte(24 * 60)),
        away: z.array(day).check(z.maxLength(400)),
      }),
    )
    .check(z.minLength(1), z.maxLength(50)),
  bikes: z
    .array(z.object({ bikeId: id, minutes, partsOn: z.nullable(day) }))
    .check(z.minLength(1), z.maxLength(500)),
  slots: z.array(z.object({ bikeId: id, day, personId: id, fixed: z.boolean() })).check(z.maxLength(500)),
  slips: z.array(z.object({ bikeId: id, because: z.enum(SLIP_BECAUSE) })).check(z.maxLength(500)),
  /** How far from the best there could be, as a share; null: nobody knows. */
  gap: z.nullable(z.number().check(z.gte(0), z.lte(1))),
};

export const campaign = z.object({
  id,
  ...fields,
  madeBy: id,
  madeAt: instant,
  version,
  /** What is done: the newest complete check on its checklist since it was made. */
  done: z.array(z.object({ bikeId: id, at: instant, by: id })),
});

export const listCampaigns = messages({ answer: z.object({ campaigns: z.array(campaign) }) });

/** Plans a campaign, or plans it again: `version` is null for the first. */
export const setCampaign = messages({
  params: z.object({ id }),
  body: z.object({ id, ...fields, version: z.nullable(version), at: instant }),
  answer: campaign,
});

export const endCampaign = messages({
  params: z.object({ id }),
  body: z.object({ id }),
  answer: z.object({ campaigns: z.array(campaign) }),
});
