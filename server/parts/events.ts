import type { FitmentPosition, Part } from '@cadre/core/fleet';
import type { CountReason, StockItem } from '@cadre/core/parts';
import type { EntityManager } from 'typeorm';
import { fitmentEntity, partEntity } from '@cadre/server/fleet';
import type { Projections } from '@cadre/server/platform/event-log';
import { stockItemEntity } from './entities';

export interface PartEvents {
  /** `through`: the repair it came with. Its recheck looks at what that touched, so the check before still counts. */
  'part.fitted': {
    bikeId: string;
    fitmentId: string;
    part: Part;
    position: FitmentPosition;
    anyway: string;
    through?: string;
  };
  'part.removed': { bikeId: string; fitmentId: string; through?: string };
  'stock.item-set': { itemId: string; item: Omit<StockItem, 'id' | 'onHand'> };
  /** A difference, whatever it was made from. */
  'stock.counted': { itemId: string; by: number; why: CountReason; note: string };
}

/** Differences only: whatever the order in which two sites' acts are told again, the sum is the same. */
export async function stockMoved(
  tx: EntityManager,
  moves: readonly { readonly itemId: string; readonly by: number }[],
): Promise<void> {
  for (const { itemId, by } of moves)
    await tx.getRepository(stockItemEntity).increment({ id: itemId }, 'onHand', by);
}

export const partProjections: Projections<PartEvents> = {
  async 'part.fitted'(tx, { body: { fitmentId: id, bikeId, part, position }, happenedAt }) {
    // A part that moves is in the table already, with its history.
    if (!(await tx.getRepository(partEntity).existsBy({ id: part.id })))
      await tx.getRepository(partEntity).insert(part);
    const fitted = { partId: part.id, bikeId, position, fittedAt: new Date(happenedAt), removedAt: null };
    await tx.getRepository(fitmentEntity).insert({ id, ...fitted });
  },
  async 'part.removed'(tx, { body, happenedAt }) {
    // By a clock that is behind it would come off before it was fitted.
    await tx.query('UPDATE fitment SET removedAt = GREATEST(fittedAt, ?) WHERE id = ?', [
      new Date(happenedAt),
      body.fitmentId,
    ]);
  },
  async 'stock.item-set'(tx, { body: { itemId: id, item } }) {
    const items = tx.getRepository(stockItemEntity);
    if (await items.existsBy({ id })) await items.update({ id }, { ...item, version: () => 'version + 1' });
    else await items.insert({ id, ...item, onHand: 0, version: 1 });
  },
  'stock.counted': (tx, { body }) => stockMoved(tx, [body]),
};
