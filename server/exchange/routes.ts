import { getFleetDocument, importBikes } from '@cadre/contract/exchange';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Exchange } from './service';

export const exchangeRoutes = (exchange: Exchange): readonly Implemented[] => [
  answering(getFleetDocument, async (_call, actor) => exchange.document(actor)),
  answering(importBikes, async ({ body }, actor) => exchange.import(actor, body)),
];
