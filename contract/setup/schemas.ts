import { ROLES } from '@cadre/core/people';
import { clockTime, id, instant, messages, text } from '@cadre/contract/http/schemas';
import { secret, signInName, session } from '@cadre/contract/people/schemas';
import * as z from 'zod/mini';

export const setupState = messages({
  answer: z.object({
    state: z.enum(['empty', 'ready']),
    programName: z.nullable(z.string()),
    /** The made-up people of the demo, so that anybody can walk in; empty outside the demo. */
    demoPeople: z.array(
      z.object({ name: z.string(), signInName: z.string(), role: z.enum(ROLES), trainee: z.boolean() }),
    ),
  }),
});

export const setUp = messages({
  body: z.object({
    id,
    programName: text(80),
    siteName: text(80),
    timeZone: text(60),
    opensAt: clockTime,
    leadName: text(80),
    signInName,
    secret,
  }),
  answer: session,
});

export const health = messages({
  answer: z.object({
    status: z.enum(['ok', 'database-down']),
    version: z.string(),
    database: z.enum(['up', 'down']),
    now: instant,
  }),
});
