import { BEARING_PLACES, BRAKES, PART_KINDS, RETENTIONS, WHEEL_SIZES } from '@cadre/core/fleet';
import { COUNT_REASONS } from '@cadre/core/parts';
import { fitList } from '@cadre/contract/fleet/schemas';
import { id, instant, note, messages, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';

/** What decides whether a part goes onto a bike. */
export const partFacts = z.object({
  wheelSize: z.optional(z.enum(WHEEL_SIZES)),
  brake: z.optional(z.enum(BRAKES)),
  retention: z.optional(z.enum(RETENTIONS)),
  sprockets: z.optional(z.int().check(z.gte(1), z.lte(14))),
  place: z.optional(z.enum(BEARING_PLACES)),
  designation: z.optional(text(60)),
});

/** Money in the currency's smallest unit. */
export const money = z.int().check(z.gte(0), z.lte(100_000_000));
const howMany = z.int().check(z.gte(0), z.lte(10_000));

/** What a person says of an item; how many there are is counted apart. */
export const stockFields = z.object({
  kind: z.enum(PART_KINDS),
  name: text(80),
  facts: partFacts,
  modelIds: z.array(id).check(z.maxLength(100)),
  markings: fitList,
  least: howMany,
  price: money,
  leadDays: z.int().check(z.gte(0), z.lte(730)),
  supplier: text(80),
});

export const stockItem = z.extend(stockFields, { id, onHand: howMany, version });

/** An item some open repair counts on, and for which bike. */
const need = z.object({ itemId: id, count: z.int(), tag: z.string() });

export const listStock = messages({ answer: z.object({ items: z.array(stockItem), needs: z.array(need) }) });

export const setStockItem = messages({
  params: z.object({ id }),
  body: z.object({ id, item: stockFields, version: z.nullable(version), at: instant }),
  answer: stockItem,
});

export const countStock = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    by: z.int().check(z.gte(-10_000), z.lte(10_000)),
    why: z.enum(COUNT_REASONS),
    note: note(200),
    at: instant,
  }),
  answer: stockItem,
});

export const orderDocument = messages({ answer: z.object({}) });
