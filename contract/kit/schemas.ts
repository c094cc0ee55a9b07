import { KIT_KINDS } from '@cadre/core/kit';
import { day, id, instant, messages, note, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

const count = z.int().check(z.gte(1), z.lte(99));
const missing = z.array(z.object({ name: text(60), count })).check(z.maxLength(30));

const fields = z.object({
  siteId: id,
  kind: z.enum(KIT_KINDS),
  tag: text(20),
  size: note(20),
  contents: z.array(z.object({ name: text(60), count, stockItemId: z.nullable(id) })).check(z.maxLength(30)),
  expiresOn: z.nullable(day.check(z.minLength(10))),
});

export const kitItem = z.extend(fields, {
  id,
  whereabouts: z.enum(['in', 'packed', 'out']),
  groupId: z.nullable(id),
  groupName: z.string(),
  /** Since when it is where it is. */
  since: z.nullable(instant),
  missing,
  damp: z.boolean(),
  impactOn: z.nullable(z.string()),
  withdrawn: z.nullable(z.string()),
  inspectedBy: z.nullable(id),
  inspectedAt: z.nullable(instant),
  version,
});

const items = z.object({ items: z.array(kitItem) });
const itemIds = z.array(id).check(z.minLength(1), z.maxLength(300));

export const listKit = messages({ answer: items });

export const setKitItem = messages({
  params: z.object({ id }),
  body: z.object({ id, item: fields, version: z.nullable(version) }),
  answer: kitItem,
});

export const packKit = messages({
  body: z.object({ id, groupId: id, itemIds: z.array(id).check(z.maxLength(300)), at: instant }),
  answer: items,
});

export const lendKit = messages({
  body: z.object({ id, groupId: z.nullable(id), itemIds, at: instant }),
  answer: items,
});

export const returnKit = messages({
  body: z.object({
    id,
    items: z
      .array(z.object({ itemId: id, missing, damp: z.boolean(), impact: z.boolean() }))
      .check(z.minLength(1), z.maxLength(300)),
    at: instant,
  }),
  answer: items,
});

export const inspectKit = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    /** May be lent again; else it is withdrawn for good. */
    ready: z.boolean(),
    /** Why, where it is withdrawn or an impact on record was none. */
    note: note(400),
    at: instant,
  }),
  answer: kitItem,
});
