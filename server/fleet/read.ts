import { In, IsNull, type EntityManager } from 'typeorm';
import type { Bike, Rack } from '@cadre/contract/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import { checkEntity } from '@cadre/server/checks/entities';
import { RefusedError } from '@cadre/server/records';
import { bikeEntity, bikeStateEntity, hookEntity, rackEntity, type BikeRow, type HookRow } from './entities';

/** Bikes as the interface tells them, with their facts and the check somebody has begun. Three queries for any number. */
export async function describeBikes(tx: EntityManager, rows: readonly BikeRow[]): Promise<Bike[]> {
  if (rows.length === 0) return [];
  const ids = rows.map((row) => row.id);
  const states = await tx.getRepository(bikeStateEntity).findBy({ bikeId: In(ids) });
  const open = await tx
    .getRepository(checkEntity)
    .find({ where: { bikeId: In(ids), state: 'open', repairId: IsNull() }, select: { id: true, bikeId: true } });
  const factsById = new Map(states.map((state) => [state.bikeId, state.facts]));
  const openById = new Map(open.map((check) => [check.bikeId, check.id]));
  return rows.map((row) => ({
    id: row.id,
    tag: row.tag,
    modelId: row.modelId,
    model: row.model,
    size: row.size,
    serial: row.serial,
    boughtOn: row.boughtOn,
    warrantyUntil: row.warrantyUntil,
    siteId: row.siteId,
    hookId: row.hookId,
    build: { ...row.build, accessories: [...row.build.accessories] },
    own: [...row.own],
    fit: { ...row.fit },
    whereabouts: row.whereabouts,
    version: row.version,
    facts: structuredClone(factsById.get(row.id) ?? NO_FACTS) as Bike['facts'],
    openCheckId: openById.get(row.id) ?? null,
  }));
}

export async function findBike(tx: EntityManager, id: string): Promise<BikeRow> {
  const row = await tx.getRepository(bikeEntity).findOneBy({ id });
  if (!row) throw new RefusedError('not-found', { what: 'bike' });
  return row;
}

export async function describeBike(tx: EntityManager, id: string): Promise<Bike> {
  const [bike] = await describeBikes(tx, [await findBike(tx, id)]);
  return bike as Bike;
}

export async function describeRacks(tx: EntityManager): Promise<Rack[]> {
  const racks = await tx.getRepository(rackEntity).find({ order: { position: 'ASC' } });
  const hooks = await tx.getRepository(hookEntity).find({ order: { number: 'ASC' } });
  const byRack = new Map<string, HookRow[]>();
  for (const hook of hooks) byRack.set(hook.rackId, [...(byRack.get(hook.rackId) ?? []), hook]);
  return racks.map((rack) => ({
    id: rack.id,
    siteId: rack.siteId,
    name: rack.name,
    order: rack.position,
    hooks: (byRack.get(rack.id) ?? []).map(({ id, number }) => ({ id, number })),
  }));
}
