import { BIKE_KINDS } from '@cadre/core/fleet';
import { id, instant, note, route, text, version } from '@cadre/contract/http';
import * as z from 'zod/mini';

export const want = z.object({
  count: z.int().check(z.gte(1), z.lte(500)),
  kind: z.nullable(z.enum(BIKE_KINDS)),
  size: note(20),
});

export const group = z.object({
  id,
  siteId: id,
  name: z.string(),
  outAt: instant,
  backAt: instant,
  wants: z.array(want),
  version,
});
export type Group = z.infer<typeof group>;

const groupFields = z.object({
  siteId: id,
  name: text(80),
  outAt: instant,
  backAt: instant,
  wants: z.array(want).check(z.minLength(1), z.maxLength(20)),
});

export const listGroups = route({
  name: 'groups.list',
  method: 'GET',
  path: '/api/v1/groups',
  act: 'see',
  query: z.object({
    from: z.coerce.number().check(z.int(), z.gte(0)),
    until: z.coerce.number().check(z.int(), z.gte(0)),
  }),
  answer: z.object({ groups: z.array(group) }),
});

export const addGroup = route({
  name: 'groups.add',
  method: 'POST',
  path: '/api/v1/groups',
  act: 'edit-fleet',
  body: z.extend(groupFields, { id }),
  answer: group,
});

export const changeGroup = route({
  name: 'groups.change',
  method: 'PUT',
  path: '/api/v1/groups/:id',
  act: 'edit-fleet',
  params: z.object({ id }),
  body: z.extend(groupFields, { id, version }),
  answer: group,
});

export const removeGroup = route({
  name: 'groups.remove',
  method: 'POST',
  path: '/api/v1/groups/:id/remove',
  act: 'edit-fleet',
  params: z.object({ id }),
  body: z.object({ id }),
  answer: z.object({ done: z.literal(true) }),
});
