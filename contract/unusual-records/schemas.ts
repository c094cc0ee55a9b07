import { POSITIONS } from '@cadre/core/catalogue';
import { WORN_MEASURES, type WornMeasure } from '@cadre/core/wear';
import { id, instant, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const listUnusualRecords = messages({
  answer: z.object({
    hasty: z.array(
      z.object({
        checkId: id,
        bikeId: id,
        tag: z.string(),
        checklistName: z.string(),
        by: id,
        at: instant,
        marks: z.int(),
        seconds: z.number(),
      }),
    ),
    sameDigits: z.array(
      z.object({
        author: id,
        measure: z.string(),
        typed: z.string(),
        bikeIds: z.array(id),
        tags: z.array(z.string()),
        from: instant,
        until: instant,
      }),
    ),
    /** Marks whose time, as their device had it, cannot be: ahead of when the server had them, or long before. */
    oddTimes: z.array(
      z.object({
        checkId: id,
        bikeId: id,
        tag: z.string(),
        by: id,
        marks: z.int(),
        at: instant,
        recordedAt: instant,
      }),
    ),
    /** Wear that seems to have healed, with no part renewed. */
    healed: z.array(
      z.object({
        bikeId: id,
        tag: z.string(),
        measure: z.enum(WORN_MEASURES as readonly [WornMeasure, ...WornMeasure[]]),
        position: z.enum(POSITIONS),
        partName: z.nullable(z.string()),
        before: z.object({ value: z.number(), at: instant }),
        after: z.object({ value: z.number(), at: instant, better: z.nullable(z.string()) }),
      }),
    ),
    since: instant,
  }),
});
