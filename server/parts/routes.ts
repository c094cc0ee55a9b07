import type { DataSource } from 'typeorm';
import {
  listFitments,
  fitPart,
  movePart,
  takePartOff,
  listStock,
  setStockItem,
  countStock,
  orderDocument,
} from '@cadre/contract/parts';
import { answering, type Implemented } from '@cadre/server/platform/http';
import { orderPdf } from './order-pdf';
import type { Parts } from './service';
import type { Stock } from './stock';

export interface PartDeps {
  readonly parts: Parts;
  readonly stock: Stock;
  readonly source: DataSource;
  readonly now: () => number;
}

export const partsRoutes = ({ parts, stock, source, now }: PartDeps): readonly Implemented[] => [
  answering(listFitments, async ({ params }, actor) => parts.list(actor, params.id)),
  answering(fitPart, async ({ params, body }, actor) => parts.fit(actor, params.id, body)),
  answering(movePart, async ({ params, body }, actor) => parts.move(actor, params.id, body)),
  answering(takePartOff, async ({ params, body }, actor) => parts.takeOff(actor, params.id, body)),
  answering(listStock, async (_call, actor) => stock.list(actor)),
  answering(setStockItem, async ({ params, body }, actor) => stock.set(actor, params.id, body)),
  answering(countStock, async ({ params, body }, actor) => stock.count(actor, params.id, body)),
  answering(orderDocument, async ({ res }, actor) => {
    const bytes = await orderPdf(source, await stock.toOrder(actor), now());
    res
      .set({ 'content-type': 'application/pdf', 'content-disposition': 'attachment; filename="order.pdf"' })
      .send(bytes);
    return {};
  }),
];
