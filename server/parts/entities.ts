import { EntitySchema } from 'typeorm';
import type { FitList, PartFacts, PartKind } from '@cadre/core/fleet';
import { json, key, whole, word, words } from '@cadre/server/platform/database';

/** A part the house keeps: what it is, how many lie there, what it takes to get more. */
export interface StockItemRow {
  id: string;
  kind: PartKind;
  name: string;
  facts: PartFacts;
  modelIds: readonly string[];
  markings: FitList;
  onHand: number;
  least: number;
  price: number;
  leadDays: number;
  supplier: string;
  version: number;
}
export const stockItemEntity = new EntitySchema<StockItemRow>({
  name: 'stock_item',
  columns: {
    id: key(),
    kind: word(),
    name: words(80),
    facts: json(),
    modelIds: json(),
    markings: json(),
    onHand: whole(),
    least: whole(),
    price: whole(),
    leadDays: whole(),
    supplier: words(80),
    version: whole(),
  },
});
