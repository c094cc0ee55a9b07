import { id, instant, route } from '@cadre/contract/http';
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
export type Change = z.infer<typeof change>;

export const timeline = route({
  name: 'records.timeline',
  method: 'GET',
  path: '/api/v1/bikes/:id/timeline',
  act: 'see',
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

/** Server-sent events; the answer here is one event's data. */
export const changes = route({
  name: 'records.changes',
  method: 'GET',
  path: '/api/v1/changes',
  act: 'see',
  answer: change,
});

export const health = route({
  name: 'health',
  method: 'GET',
  path: '/api/health',
  act: 'public',
  answer: z.object({
    status: z.enum(['ok', 'database-down']),
    version: z.string(),
    database: z.enum(['up', 'down']),
    now: instant,
  }),
});
