import { EntitySchema } from 'typeorm';
import type { FitList, FitmentPosition, PartFacts, PartKind } from '@cadre/core/fleet';
import { json, key, moment, uuid, whole, word, words } from '@cadre/server/database';

/** A thing that wears or carries a marking. It keeps its history when it moves. */
export interface PartRow {
  id: string;
  kind: PartKind;
  name: string;
  facts: PartFacts;
  markings: FitList;
}
export const partEntity = new EntitySchema<PartRow>({
  name: 'part',
  columns: { id: key(), kind: word(), name: words(80), facts: json(), markings: json() },
});

/** Where a part was fitted, from when to when. */
export interface FitmentRow {
  id: string;
  partId: string;
  bikeId: string;
  position: FitmentPosition;
  fittedAt: Date;
  removedAt: Date | null;
}
export const fitmentEntity = new EntitySchema<FitmentRow>({
  name: 'fitment',
  columns: {
    id: key(),
    partId: uuid(),
    bikeId: uuid(),
    position: word(),
    fittedAt: moment(),
    removedAt: moment({ nullable: true }),
  },
  indices: [{ name: 'fitment_bike', columns: ['bikeId', 'removedAt'] }],
});

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
