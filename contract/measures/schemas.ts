import { BECOMES, LIMIT_SOURCES, NEXT_STEPS, VERDICT_OUTCOMES } from '@cadre/core/measures';
import * as z from 'zod/mini';

/** A limit and where it comes from, in the measure's unit. */
export const sourced = z.object({ value: z.number(), source: z.enum(LIMIT_SOURCES) });

/** What a reading means: the word, what it becomes, the limit that decided, what to do next. */
export const verdict = z.object({
  outcome: z.enum([...VERDICT_OUTCOMES, 'unknown']),
  becomes: z.enum(BECOMES),
  /** Of what is fixed on the spot: what it is when it is left as it is, and what to set it to. */
  uncorrected: z.optional(z.enum(['upkeep', 'soon', 'stop'])),
  aim: z.optional(sourced),
  value: z.number(),
  limit: z.nullable(sourced),
  next: z.enum(NEXT_STEPS),
});
