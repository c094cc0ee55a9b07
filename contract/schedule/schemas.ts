import { BIKE_KINDS } from '@cadre/core/fleet';
import { id, instant, note, messages, text, version } from '@cadre/contract/http/schemas';
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

const groupFields = z.object({
  siteId: id,
  name: text(80),
  outAt: instant,
  backAt: instant,
  wants: z.array(want).check(z.minLength(1), z.maxLength(20)),
});

export const listGroups = messages({
  query: z.object({
    from: z.coerce.number().check(z.int(), z.gte(0)),
    until: z.coerce.number().check(z.int(), z.gte(0)),
  }),
  answer: z.object({ groups: z.array(group) }),
});

export const addGroup = messages({ body: z.extend(groupFields, { id }), answer: group });

export const changeGroup = messages({
  params: z.object({ id }),
  body: z.extend(groupFields, { id, version }),
  answer: group,
});

export const removeGroup = messages({
  params: z.object({ id }),
  body: z.object({ id }),
  answer: z.object({ done: z.literal(true) }),
});

export const fetchCalendar = messages({
  body: z.object({ address: text(2000) }),
  answer: z.object({ calendar: z.string() }),
});
