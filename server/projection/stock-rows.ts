import type { EntityManager } from 'typeorm';
import type { EntryBodies } from '@cadre/server/records';
import { stockItemEntity } from '@cadre/server/parts/entities';

export async function stockItemSet(
  tx: EntityManager,
  { itemId: id, item }: EntryBodies['stock.item-set'],
): Promise<void> {
  const items = tx.getRepository(stockItemEntity);
  if (await items.existsBy({ id }))
    await items.update({ id }, { ...item, version: () => 'version + 1' } as object);
  else await items.insert({ id, ...item, onHand: 0, version: 1 });
}

/** Differences only: whatever the order in which two sites' acts are told again, the sum is the same. */
export async function stockMoved(
  tx: EntityManager,
  moves: readonly { readonly itemId: string; readonly by: number }[],
): Promise<void> {
  for (const { itemId, by } of moves)
    await tx.getRepository(stockItemEntity).increment({ id: itemId }, 'onHand', by);
}
