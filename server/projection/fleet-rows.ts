import { canonicalJson } from '@cadre/core/records';
import { In, MoreThan, type EntityManager } from 'typeorm';
import { NO_FACTS } from '@cadre/core/fitness';
import { checkEntity } from '@cadre/server/checks/entities';
import {
  bikeEntity,
  bikeStateEntity,
  hookEntity,
  modelEntity,
  rackEntity,
  type BikeRow,
} from '@cadre/server/fleet/entities';
import { fitmentEntity, partEntity } from '@cadre/server/parts/entities';
import type { BikeDocument, EntryBodies, GroupDocument } from '@cadre/server/records';
import { outingGroupEntity, type OutingGroupRow } from '@cadre/server/schedule/entities';
import { refreshRebuilt } from './bike-state';

/** The row of a bike's document; entries from before there were models name none. */
function bikeRowOf(bike: BikeDocument): Omit<BikeRow, 'whereabouts' | 'version'> {
  return {
    ...bike,
    modelId: bike.modelId ?? null,
    own: bike.own ?? [],
    fit: bike.fit ?? {},
    boughtOn: bike.boughtOn ?? '',
    warrantyUntil: bike.warrantyUntil ?? '',
  };
}

/** What was checked no longer counts: the bike is not what was looked at. */
export async function endValidity(tx: EntityManager, bikeIds: readonly string[], at: Date): Promise<void> {
  if (bikeIds.length > 0)
    await tx
      .getRepository(checkEntity)
      .update({ bikeId: In([...bikeIds]), validUntil: MoreThan(at) }, { validUntil: at, voided: true });
}

export async function bikesAdded(tx: EntityManager, bikes: readonly BikeDocument[]): Promise<void> {
  await tx
    .getRepository(bikeEntity)
    .insert(bikes.map((bike) => ({ ...bikeRowOf(bike), whereabouts: 'in' as const, version: 1 })));
  // Nothing can stand against a bike nobody has touched: an import of thousands need not ask.
  await tx
    .getRepository(bikeStateEntity)
    .insert(bikes.map((bike) => ({ bikeId: bike.id, facts: NO_FACTS, nextChangeAt: null })));
}

export async function bikeChanged(
  tx: EntityManager,
  body: EntryBodies['bike.changed'],
  at: Date,
): Promise<void> {
  const { id, ...rest } = bikeRowOf(body.bike);
  await tx.getRepository(bikeEntity).update({ id }, { ...rest, version: () => 'version + 1' } as object);
  if (body.due) await endValidity(tx, [id], at);
}

/** Bikes get their new builds in one statement however many they are: everybody at the program waits meanwhile. */
async function rebuilt(tx: EntityManager, bikes: EntryBodies['model.changed']['bikes']): Promise<void> {
  if (bikes.length === 0) return;
  const rows = bikes
    .map((_, at) => (at === 0 ? 'SELECT ? AS id, ? AS build' : 'SELECT ?, ?'))
    .join(' UNION ALL ');
  await tx.query(
    `UPDATE bike b JOIN (${rows}) AS n ON n.id = b.id SET b.build = n.build, b.version = b.version + 1`,
    bikes.flatMap((bike) => [bike.id, canonicalJson(bike.build)]),
  );
}

export async function modelChanged(
  tx: EntityManager,
  body: EntryBodies['model.changed'],
  at: Date,
  now: number,
): Promise<void> {
  const { id, name, build, fit } = body.model;
  await tx
    .getRepository(modelEntity)
    .update({ id }, { name, build, fit, version: () => 'version + 1' } as object);
  await tx.getRepository(bikeEntity).update({ modelId: id }, { model: name });
  const due = body.bikes.filter((bike) => bike.due).map((bike) => bike.id);
  await rebuilt(tx, body.bikes);
  await endValidity(tx, due, at);
  await refreshRebuilt(
    tx,
    body.bikes.map((bike) => bike.id),
    new Set(due),
    at.getTime(),
    now,
  );
}

export async function rackChanged(tx: EntityManager, body: EntryBodies['rack.changed']): Promise<void> {
  await tx.getRepository(rackEntity).update({ id: body.rackId }, { name: body.name });
  if (body.removed.length > 0) await tx.getRepository(hookEntity).delete({ id: In([...body.removed]) });
  if (body.added.length > 0)
    await tx.getRepository(hookEntity).insert(body.added.map((hook) => ({ ...hook, rackId: body.rackId })));
}

export async function rackRemoved(tx: EntityManager, rackId: string): Promise<void> {
  await tx.getRepository(hookEntity).delete({ rackId });
  await tx.getRepository(rackEntity).delete({ id: rackId });
}

export async function racksOrdered(tx: EntityManager, rackIds: readonly string[]): Promise<void> {
  for (const [index, id] of rackIds.entries())
    await tx.getRepository(rackEntity).update({ id }, { position: index + 1 });
}

export async function partFitted(
  tx: EntityManager,
  body: EntryBodies['part.fitted'],
  at: Date,
): Promise<void> {
  // A part that moves is in the table already, with its history.
  if (!(await tx.getRepository(partEntity).existsBy({ id: body.part.id })))
    await tx.getRepository(partEntity).insert(body.part);
  await tx
    .getRepository(fitmentEntity)
    .insert({
      id: body.fitmentId,
      partId: body.part.id,
      bikeId: body.bikeId,
      position: body.position,
      fittedAt: at,
      removedAt: null,
    });
  if (!body.through) await endValidity(tx, [body.bikeId], at);
}

export async function partRemoved(
  tx: EntityManager,
  body: EntryBodies['part.removed'],
  at: Date,
): Promise<void> {
  await tx.getRepository(fitmentEntity).update({ id: body.fitmentId }, { removedAt: at });
  if (!body.through) await endValidity(tx, [body.bikeId], at);
}

export function groupRowOf(group: GroupDocument): Omit<OutingGroupRow, 'version'> {
  return {
    id: group.id,
    siteId: group.siteId,
    name: group.name,
    outAt: new Date(group.outAt),
    backAt: new Date(group.backAt),
    wanted: group.wants,
  };
}

export async function groupChanged(tx: EntityManager, group: GroupDocument): Promise<void> {
  const { id, ...rest } = groupRowOf(group);
  await tx
    .getRepository(outingGroupEntity)
    .update({ id }, { ...rest, version: () => 'version + 1' } as object);
}
