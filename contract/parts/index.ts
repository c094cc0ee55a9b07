import { FITMENT_POSITIONS, PART_KINDS } from '@cadre/core/fleet';
import { bike, fitList } from '@cadre/contract/fleet';
import { id, instant, note, route, text } from '@cadre/contract/http';
import * as z from 'zod/mini';
import { partFacts } from './stock';

export {
  countStock,
  listStock,
  money,
  orderDocument,
  setStockItem,
  stockFields,
  type StockFields,
  type StockItem,
} from './stock';

export const part = z.object({
  id,
  kind: z.enum(PART_KINDS),
  name: text(80),
  /** What decides whether it goes onto a bike. */
  facts: partFacts,
  markings: fitList,
});
export type Part = z.infer<typeof part>;

export const fitment = z.object({
  id,
  bikeId: id,
  part,
  position: z.enum(FITMENT_POSITIONS),
  fittedAt: instant,
  removedAt: z.nullable(instant),
});
export type Fitment = z.infer<typeof fitment>;

const fitments = z.object({ bike, fitments: z.array(fitment) });

/** The parts on a bike, and those that were. */
export const listFitments = route({
  name: 'parts.list',
  method: 'GET',
  path: '/api/v1/bikes/:id/parts',
  act: 'see',
  params: z.object({ id }),
  answer: z.object({ fitments: z.array(fitment) }),
});

/** Why a part goes onto a bike although its build speaks against it; empty when nothing does. */
const anyway = note(200);

/** Fits a new part; what sat in its place comes off. So a part is renewed. */
export const fitPart = route({
  name: 'parts.fit',
  method: 'POST',
  path: '/api/v1/bikes/:id/parts',
  act: 'edit-fleet',
  params: z.object({ id }),
  body: z.object({ id, part, position: z.enum(FITMENT_POSITIONS), anyway, at: instant }),
  answer: fitments,
});

/** Moves a part to another bike; `swap` sends what sat in its place back the other way. */
export const movePart = route({
  name: 'parts.move',
  method: 'POST',
  path: '/api/v1/fitments/:id/move',
  act: 'edit-fleet',
  params: z.object({ id }),
  body: z.object({
    id,
    bikeId: id,
    position: z.enum(FITMENT_POSITIONS),
    swap: z.boolean(),
    anyway,
    at: instant,
  }),
  answer: z.object({ from: fitments, to: fitments }),
});

/** Takes a part off for good. */
export const takePartOff = route({
  name: 'parts.take-off',
  method: 'POST',
  path: '/api/v1/fitments/:id/end',
  act: 'edit-fleet',
  params: z.object({ id }),
  body: z.object({ id, at: instant }),
  answer: fitments,
});
