import { bike, bikeFields } from '@cadre/contract/fleet/schemas';
import { id, instant, note, messages } from '@cadre/contract/http/schemas';
import { money } from '@cadre/contract/parts/schemas';
import * as z from 'zod/mini';

const minutes = z.int().check(z.gte(0), z.lte(10_000));
const price = z.object({ findingId: id, parts: money, minutes });

/** A used bike somebody offers: what it would cost to repair, and what was decided. */
export const assessment = z.object({
  id,
  bikeId: id,
  from: z.string(),
  /** What is asked for it, and what a fit one of its kind is worth here. */
  asking: money,
  worth: money,
  prices: z.array(price),
  state: z.enum(['open', 'accepted', 'declined']),
  reason: z.string(),
  openedBy: id,
  openedAt: instant,
  decidedBy: z.nullable(id),
  decidedAt: z.nullable(instant),
});

const assessmentAnswer = z.object({ assessment, bike });

export const listAssessments = messages({ answer: z.object({ assessments: z.array(assessment) }) });

export const openAssessment = messages({
  body: z.object({
    id,
    bikeId: id,
    bike: bikeFields,
    from: note(120),
    asking: money,
    worth: money,
    at: instant,
  }),
  answer: assessmentAnswer,
});

export const priceAssessment = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    asking: money,
    worth: money,
    prices: z.array(price).check(z.maxLength(200)),
    at: instant,
  }),
  answer: assessmentAnswer,
});

export const decideAssessment = messages({
  params: z.object({ id }),
  body: z.object({ id, accept: z.boolean(), reason: note(400), at: instant }),
  answer: assessmentAnswer,
});
