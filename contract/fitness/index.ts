import { finding } from '@cadre/contract/findings';
import { id, instant } from '@cadre/contract/http';
import * as z from 'zod/mini';

/** The projection row a bike's fitness is evaluated from; core does the evaluating, on either side. */
export const fitnessFacts = z.object({
  findings: z.array(finding),
  holds: z.array(z.object({ id, since: instant })),
  leftApart: z.array(z.object({ id, what: z.string(), by: z.string() })),
  repairs: z.array(z.object({ id, state: z.enum(['started', 'done']) })),
  draftStops: z.array(z.object({ checkId: id, words: z.string() })),
  newestCheck: z.nullable(
    z.object({
      checkId: id,
      sheetName: z.string(),
      signedAt: instant,
      complete: z.boolean(),
      awaitsCoSign: z.boolean(),
      criticalsMissing: z.int(),
    }),
  ),
  validUntil: z.nullable(instant),
  reports: z.array(z.object({ id, holds: z.boolean() })),
  services: z.array(z.object({ service: z.string(), dueAt: instant, critical: z.boolean() })),
});
