import { In, type EntityManager } from 'typeorm';
import { isInDoubt } from '@cadre/core/equipment';
import { equipmentEntity, instrumentUseEntity } from './entities';

/** What of a bike was measured with an instrument while that was not to be relied on: the question and the moment of each, as `question time`. */
export async function measuredInDoubt(tx: EntityManager, bikeId: string): Promise<ReadonlySet<string>> {
  const uses = await tx.getRepository(instrumentUseEntity).findBy({ bikeId });
  if (uses.length === 0) return new Set();
  const ids = [...new Set(uses.map(({ equipmentId }) => equipmentId))];
  const rows = await tx.getRepository(equipmentEntity).findBy({ id: In(ids) });
  const doubts = new Map(rows.map((row) => [row.id, row.doubts]));
  return new Set(
    uses
      .filter(({ equipmentId, at }) => isInDoubt(doubts.get(equipmentId) ?? [], at.getTime()))
      .map(({ what, at }) => `${what} ${at.getTime()}`),
  );
}
