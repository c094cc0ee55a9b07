import type { Build, BuildField, FitList, Model, Whereabouts } from '@cadre/core/fleet';
import { canonicalJson } from '@cadre/core/event-log';
import { ALWAYS_OPEN, type Opening } from '@cadre/core/schedule';
import { In, type EntityManager } from 'typeorm';
import { addFacts } from '@cadre/server/fitness';
import type { EventOf, Projections } from '@cadre/server/platform/event-log';
import { bikeEntity, hookEntity, modelEntity, rackEntity, siteEntity, type BikeRow } from './entities';

export interface BikeDocument {
  readonly id: string;
  readonly tag: string;
  readonly model: string;
  readonly size: string;
  readonly serial: string;
  readonly siteId: string;
  readonly hookId: string | null;
  readonly build: Build;
  /** Not in entries from before there were models. */
  readonly modelId?: string | null;
  readonly own?: readonly BuildField[];
  readonly fit?: FitList;
  readonly boughtOn?: string;
  readonly warrantyUntil?: string;
}

export interface FleetEvents {
  'site.added': { siteId: string; name: string; timeZone: string; opensAt: string };
  'site.changed': { siteId: string; name: string; timeZone: string; opensAt: string };
  /** The days it opens on, all of them anew. */
  'site.opening-set': { siteId: string; opening: Opening };
  'rack.added': {
    rackId: string;
    siteId: string;
    name: string;
    position: number;
    hooks: readonly { id: string; number: number }[];
  };
  'rack.changed': {
    rackId: string;
    name: string;
    added: readonly { id: string; number: number }[];
    removed: readonly string[];
  };
  'rack.removed': { rackId: string };
  'racks.ordered': { siteId: string; rackIds: readonly string[] };
  'model.added': { model: Model };
  /** With it, what each of its bikes is built like from now on, and which of them have to be looked at because of it. */
  'model.changed': { model: Model; bikes: readonly { id: string; build: Build; due: boolean }[] };
  'bike.added': { bikeId: string; bike: BikeDocument };
  /** `due`: the build now asks what nobody has looked at, so the last check no longer counts. */
  'bike.changed': { bikeId: string; bike: BikeDocument; due?: boolean };
  'bike.hung': { bikeId: string; siteId: string; hookId: string | null };
  'bike.moved': { bikeId: string; from: Whereabouts; to: Whereabouts };
}

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

/** Remembers what bikes are called from now on, beside what they were. */
async function nameBikes(tx: EntityManager, bikes: readonly BikeDocument[]): Promise<void> {
  const names = bikes.flatMap(({ id, tag, serial }) => [
    [id, 'tag', tag],
    ...(serial ? [[id, 'serial', serial]] : []),
  ]);
  await tx.query('INSERT IGNORE INTO bike_name (bikeId, kind, name) VALUES ?', [names]);
}

/** New bikes, in two statements however many they are. */
export async function bikesAdded(
  tx: EntityManager,
  events: readonly EventOf<FleetEvents, 'bike.added'>[],
): Promise<void> {
  const bikes = events.map((event) => event.body.bike);
  await tx
    .getRepository(bikeEntity)
    .insert(bikes.map((bike) => ({ ...bikeRowOf(bike), whereabouts: 'in' as const, version: 1 })));
  await nameBikes(tx, bikes);
  await addFacts(
    tx,
    bikes.map((bike) => bike.id),
  );
}

/** Bikes get their new builds in one statement however many they are: everybody at the program waits meanwhile. */
async function rebuilt(tx: EntityManager, bikes: FleetEvents['model.changed']['bikes']): Promise<void> {
  if (bikes.length === 0) return;
  const rows = bikes
    .map((_, at) => (at === 0 ? 'SELECT ? AS id, ? AS build' : 'SELECT ?, ?'))
    .join(' UNION ALL ');
  await tx.query(
    `UPDATE bike b JOIN (${rows}) AS n ON n.id = b.id SET b.build = n.build, b.version = b.version + 1`,
    bikes.flatMap((bike) => [bike.id, canonicalJson(bike.build)]),
  );
}

export const fleetProjections: Projections<FleetEvents> = {
  async 'site.added'(tx, { body: { siteId: id, ...rest } }) {
    await tx.getRepository(siteEntity).insert({ id, ...rest, opening: ALWAYS_OPEN });
  },
  async 'site.changed'(tx, { body: { siteId: id, ...rest } }) {
    await tx.getRepository(siteEntity).update({ id }, rest);
  },
  async 'site.opening-set'(tx, { body: { siteId: id, opening } }) {
    await tx.getRepository(siteEntity).update({ id }, { opening });
  },
  async 'rack.added'(tx, { body: { rackId: id, siteId, name, position, hooks } }) {
    await tx.getRepository(rackEntity).insert({ id, siteId, name, position });
    await tx.getRepository(hookEntity).insert(hooks.map((hook) => ({ ...hook, rackId: id })));
  },
  async 'rack.changed'(tx, { body: { rackId, name, added, removed } }) {
    await tx.getRepository(rackEntity).update({ id: rackId }, { name });
    if (removed.length > 0) await tx.getRepository(hookEntity).delete({ id: In([...removed]) });
    if (added.length > 0)
      await tx.getRepository(hookEntity).insert(added.map((hook) => ({ ...hook, rackId })));
  },
  async 'rack.removed'(tx, { body: { rackId } }) {
    await tx.getRepository(hookEntity).delete({ rackId });
    await tx.getRepository(rackEntity).delete({ id: rackId });
  },
  async 'racks.ordered'(tx, { body }) {
    for (const [index, id] of body.rackIds.entries())
      await tx.getRepository(rackEntity).update({ id }, { position: index + 1 });
  },
  async 'model.added'(tx, { body }) {
    await tx.getRepository(modelEntity).insert({ ...body.model, version: 1 });
  },
  async 'model.changed'(tx, { body }) {
    const { id, name, build, fit } = body.model;
    await tx.getRepository(modelEntity).update({ id }, { name, build, fit, version: () => 'version + 1' });
    await tx.getRepository(bikeEntity).update({ modelId: id }, { model: name });
    await rebuilt(tx, body.bikes);
  },
  'bike.added': (tx, event) => bikesAdded(tx, [event]),
  async 'bike.changed'(tx, { body }) {
    const { id, ...rest } = bikeRowOf(body.bike);
    await tx.getRepository(bikeEntity).update({ id }, { ...rest, version: () => 'version + 1' });
    await nameBikes(tx, [body.bike]);
  },
  async 'bike.hung'(tx, { body: { bikeId: id, siteId, hookId } }) {
    await tx.getRepository(bikeEntity).update({ id }, { siteId, hookId, version: () => 'version + 1' });
  },
  async 'bike.moved'(tx, { body: { bikeId: id, to } }) {
    await tx.getRepository(bikeEntity).update({ id }, { whereabouts: to });
  },
};
