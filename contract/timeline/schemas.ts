import { bike } from '@cadre/contract/fleet/schemas';
import { id, instant, messages } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

/** One thing that changed, as the live stream tells it. What it says in full is asked for apart. */
export const change = z.object({
  chain: id,
  seq: z.int(),
  /** What happened, as thing.what: each feature of the server names its own. */
  kind: z.string().check(z.regex(/^[a-z]+(-[a-z]+)*\.[a-z]+(-[a-z]+)*$/), z.maxLength(60)),
  bikeId: z.nullable(id),
  author: z.nullable(id),
  happenedAt: instant,
  recordedAt: instant,
});

export const timeline = messages({
  params: z.object({ id }),
  query: z.object({
    before: z.optional(z.coerce.number().check(z.int())),
    /** `told`: only what somebody would tell of it; marks, hooks and outings are left out. */
    kinds: z._default(z.enum(['told', 'all']), 'all'),
    most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(200)), 50),
  }),
  answer: z.object({
    entries: z.array(z.extend(change, { id, body: z.unknown() })),
    next: z.nullable(z.int()),
  }),
});

export const changes = messages({
  query: z.object({
    /** Only what happens to bikes of these sites, by their ids with commas between; what belongs to no bike is told too. */
    sites: z.optional(z.string().check(z.regex(/^[0-9a-f-]{36}(,[0-9a-f-]{36}){0,49}$/))),
  }),
  answer: z.extend(change, {
    /** The bike as it is since; null where it is as it was told last. Left out where it has to be asked for. */
    bike: z.optional(z.nullable(bike)),
  }),
});
