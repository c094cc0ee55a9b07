import type { StockItem as CoreStockItem } from '@cadre/core/parts';
import { route, type Told, type Versioned } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type { Part } from '@cadre/core/fleet';
export type Fitment = Told<typeof schemas.fitment>;
export type StockFields = Told<typeof schemas.stockFields>;
export type StockItem = Versioned<CoreStockItem>;

/** The parts on a bike, and those that were. */
export const listFitments = route<typeof schemas.listFitments>({
  name: 'parts.list',
  method: 'GET',
  path: '/api/v1/bikes/:id/parts',
  act: 'see',
});

/** Fits a new part; what sat in its place comes off. So a part is renewed. */
export const fitPart = route<typeof schemas.fitPart>({
  name: 'parts.fit',
  method: 'POST',
  path: '/api/v1/bikes/:id/parts',
  act: 'edit-fleet',
});

/** Moves a part to another bike; `swap` sends what sat in its place back the other way. */
export const movePart = route<typeof schemas.movePart>({
  name: 'parts.move',
  method: 'POST',
  path: '/api/v1/fitments/:id/move',
  act: 'edit-fleet',
});

/** Takes a part off for good. */
export const takePartOff = route<typeof schemas.takePartOff>({
  name: 'parts.take-off',
  method: 'POST',
  path: '/api/v1/fitments/:id/end',
  act: 'edit-fleet',
});

export const listStock = route<typeof schemas.listStock>({
  name: 'stock.list',
  method: 'GET',
  path: '/api/v1/stock',
  act: 'see',
});

/** A new item, or an item as it is said now: `version` is the one changed from, nothing where it is new. */
export const setStockItem = route<typeof schemas.setStockItem>({
  name: 'stock.set',
  method: 'PUT',
  path: '/api/v1/stock/:id',
  act: 'edit-fleet',
});

/** Counted in, or the shelf counted anew: `by` is the difference. */
export const countStock = route<typeof schemas.countStock>({
  name: 'stock.count',
  method: 'POST',
  path: '/api/v1/stock/:id/count',
  act: 'edit-fleet',
});

/** What to order, by supplier, as a document to send or print. */
export const orderDocument = route<typeof schemas.orderDocument>({
  name: 'stock.order',
  method: 'GET',
  path: '/api/v1/stock/order.pdf',
  act: 'see',
});
