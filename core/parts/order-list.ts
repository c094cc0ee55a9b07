import type { StockItem } from './stock-item';

/** What somebody counts on: so many of an item, for a bike. */
export interface PartNeed {
  readonly itemId: string;
  readonly count: number;
  readonly tag: string;
}

export interface OrderLine {
  readonly item: StockItem;
  readonly count: number;
  /** Bikes that wait for it, each with how many. */
  readonly wantedFor: readonly { readonly tag: string; readonly count: number }[];
  /** How many of the count only fill the shelf up to its least. */
  readonly toTheLeast: number;
  readonly cost: number;
}

export interface SupplierOrder {
  readonly supplier: string;
  readonly lines: readonly OrderLine[];
  readonly cost: number;
  /** Days until the last of it is here. */
  readonly leadDays: number;
}

/**
 * What to order, by supplier: enough that everything counted on is here and the shelf still holds its least.
 * What is on hand is used first; a negative count never comes of it.
 */
export function orderList(items: readonly StockItem[], needs: readonly PartNeed[]): readonly SupplierOrder[] {
  const bySupplier = new Map<string, OrderLine[]>();
  for (const item of items) {
    const wantedFor = needs
      .filter((need) => need.itemId === item.id)
      .map(({ tag, count }) => ({ tag, count }));
    const wanted = wantedFor.reduce((sum, each) => sum + each.count, 0);
    const count = Math.max(0, wanted + item.least - item.onHand);
    if (count === 0) continue;
    const missing = Math.max(0, wanted - item.onHand);
    const line = { item, count, wantedFor, toTheLeast: count - missing, cost: count * item.price };
    bySupplier.set(item.supplier, [...(bySupplier.get(item.supplier) ?? []), line]);
  }
  return [...bySupplier.entries()]
    .map(([supplier, lines]) => ({
      supplier,
      lines: lines.sort((a, b) => a.item.name.localeCompare(b.item.name)),
      cost: lines.reduce((sum, line) => sum + line.cost, 0),
      leadDays: Math.max(...lines.map((line) => line.item.leadDays)),
    }))
    .sort((a, b) => a.supplier.localeCompare(b.supplier));
}
