import { FITMENT_POSITIONS, PART_KINDS } from '@cadre/core/fleet';
import { bike, fitList } from '@cadre/contract/fleet/schemas';
import { id, instant, note, messages, text } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';
import { partFacts } from './stock';

export { countStock, listStock, money, orderDocument, setStockItem, stockFields, stockItem } from './stock';

export const part = z.object({
  id,
  kind: z.enum(PART_KINDS),
  name: text(80),
  /** What decides whether it goes onto a bike. */
  facts: partFacts,
  markings: fitList,
});

export const fitment = z.object({
  id,
  bikeId: id,
  part,
  position: z.enum(FITMENT_POSITIONS),
  fittedAt: instant,
  removedAt: z.nullable(instant),
});

const fitments = z.object({ bike, fitments: z.array(fitment) });

export const listFitments = messages({
  params: z.object({ id }),
  answer: z.object({ fitments: z.array(fitment) }),
});

/** Why a part goes onto a bike although its build speaks against it; empty when nothing does. */
const anyway = note(200);

export const fitPart = messages({
  params: z.object({ id }),
  body: z.object({ id, part, position: z.enum(FITMENT_POSITIONS), anyway, at: instant }),
  answer: fitments,
});

export const movePart = messages({
  params: z.object({ id }),
  body: z.object({
    id,
    bikeId: id,
    position: z.enum(FITMENT_POSITIONS),
    swap: z.boolean(),
    /** A wheel with its tyre, rotor and cassette; absent: the part alone. */
    whole: z.optional(z.boolean()),
    anyway,
    at: instant,
  }),
  answer: z.object({ from: fitments, to: fitments }),
});

export const takePartOff = messages({
  params: z.object({ id }),
  body: z.object({ id, at: instant }),
  answer: fitments,
});
