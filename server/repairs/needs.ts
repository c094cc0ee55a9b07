import { In, type EntityManager } from 'typeorm';
import type { PartNeed } from '@cadre/core/parts';
import { bikeEntity } from '@cadre/server/fleet';
import { repairEntity } from './entities';

/** What open repairs count on, and for which bike. */
export async function openNeeds(tx: EntityManager): Promise<PartNeed[]> {
  const repairs = await tx
    .getRepository(repairEntity)
    .find({ where: { state: 'started' }, order: { startedAt: 'ASC', id: 'ASC' } });
  const bikes = await tx
    .getRepository(bikeEntity)
    .find({ where: { id: In(repairs.map((each) => each.bikeId)) }, select: { id: true, tag: true } });
  const tags = new Map(bikes.map((bike) => [bike.id, bike.tag]));
  return repairs.flatMap(({ bikeId, plan }) =>
    plan.needs.map(({ itemId, count }) => ({ itemId, count, tag: tags.get(bikeId) ?? '' })),
  );
}
