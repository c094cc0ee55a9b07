import { SIBLING_REASONS } from '@cadre/core/findings';
import { id, instant, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

export const listSimilarFaults = messages({
  params: z.object({ id }),
  answer: z.object({
    siblings: z.array(
      z.object({
        bikeId: id,
        tag: z.string(),
        because: z.enum(SIBLING_REASONS),
        what: z.string(),
        /** When this very look was last signed there since the finding. */
        lookedAt: z.nullable(instant),
        /** The same fault is open there already. */
        found: z.boolean(),
      }),
    ),
    checkpoint: z.string(),
    /** The checklist a line of it takes: null for each bike's own ride-out. */
    checklistKey: z.nullable(z.string()),
  }),
});
