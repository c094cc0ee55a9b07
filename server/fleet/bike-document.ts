import { In, Not, type EntityManager } from 'typeorm';
import type { BikeFields } from '@cadre/contract/fleet';
import type { FieldIssue } from '@cadre/core/errors';
import { differingFields, fitIssues, type Build } from '@cadre/core/fleet';
import { RefusedError } from '@cadre/server/platform/event-log';
import type { BikeDocument } from './events';
import {
  bikeEntity,
  hookEntity,
  modelEntity,
  rackEntity,
  siteEntity,
  type BikeRow,
  type ModelRow,
} from './entities';

/** A bike to be kept: what was asked for, under its id. */
export type Wanted = BikeFields & { readonly id: string };

export interface Refused {
  readonly id: string;
  readonly code: 'tag.taken' | 'hook.taken' | 'body.invalid';
  readonly field: FieldIssue;
}

interface HeldName {
  readonly id: string;
  readonly kind: 'tag' | 'serial';
  readonly name: string;
  readonly tag: string;
}

/** Which of these tags and serials belong or belonged to a bike that is held, or gone with open findings: under them it would come back clean. */
async function heldNames(tx: EntityManager, wanted: readonly Wanted[]): Promise<readonly HeldName[]> {
  const names = wanted.flatMap(({ tag, serial }) => (serial ? [tag, serial] : [tag]));
  return tx.query<HeldName[]>(
    `SELECT b.id, n.kind, n.name, b.tag FROM bike_name n JOIN bike b ON b.id = n.bikeId
     LEFT JOIN bike_state s ON s.bikeId = b.id AND b.whereabouts = 'gone'
     WHERE n.name IN (?) AND (EXISTS (SELECT 1 FROM hold h WHERE h.bikeId = b.id AND h.endedAt IS NULL)
       OR JSON_LENGTH(JSON_EXTRACT(s.facts, '$.findings')) > 0)`,
    [names],
  );
}

/** Everything the database says against these bikes, all at once, in a handful of queries however many they are. */
export async function refusedBikes(
  tx: EntityManager,
  wanted: readonly Wanted[],
): Promise<readonly Refused[]> {
  const ids = wanted.map((bike) => bike.id);
  const hookIds = wanted.flatMap((bike) => (bike.hookId ? [bike.hookId] : []));
  const sites = new Set(
    (await tx.getRepository(siteEntity).find({ select: { id: true } })).map((site) => site.id),
  );
  const models = new Set(
    (await tx.getRepository(modelEntity).find({ select: { id: true } })).map((model) => model.id),
  );
  const tagHolders = await tx
    .getRepository(bikeEntity)
    .find({ where: { tag: In(wanted.map((bike) => bike.tag)), id: Not(In(ids)) }, select: { tag: true } });
  const hookHolders = await tx
    .getRepository(bikeEntity)
    .find({ where: { hookId: In(hookIds), id: Not(In(ids)) }, select: { tag: true, hookId: true } });
  const hooks = await tx.getRepository(hookEntity).findBy({ id: In(hookIds) });
  const racks = await tx.getRepository(rackEntity).findBy({ id: In(hooks.map((hook) => hook.rackId)) });
  const siteOfRack = new Map(racks.map((rack) => [rack.id, rack.siteId]));
  const siteOfHook = new Map(hooks.map((hook) => [hook.id, siteOfRack.get(hook.rackId)]));
  const tagOfHook = new Map(hookHolders.map((bike) => [bike.hookId, bike.tag]));
  const taken = new Set(tagHolders.map((bike) => bike.tag));
  const held = await heldNames(tx, wanted);
  const seenTags = new Set<string>();
  const seenHooks = new Map<string, string>();
  return wanted.flatMap((bike): Refused[] => {
    const { id, tag, hookId } = bike;
    const found: Refused[] = [];
    const invalid = (field: FieldIssue): void => void found.push({ id, code: 'body.invalid', field });
    if (!sites.has(bike.siteId)) invalid({ path: 'siteId', code: 'unknown' });
    if (bike.modelId && !models.has(bike.modelId)) invalid({ path: 'modelId', code: 'unknown' });
    for (const issue of fitIssues(bike.fit)) invalid(issue);
    for (const kind of ['tag', 'serial'] as const)
      for (const other of held.filter(
        (each) => each.kind === kind && each.id !== id && each.name === bike[kind],
      ))
        invalid({ path: kind, code: 'of-held-bike', params: { tag: other.tag } });
    if (taken.has(tag) || seenTags.has(tag))
      found.push({ id, code: 'tag.taken', field: { path: 'tag', code: 'taken', params: { tag } } });
    seenTags.add(tag);
    if (!hookId) return found;
    if (siteOfHook.get(hookId) !== bike.siteId) invalid({ path: 'hookId', code: 'not-at-this-site' });
    const holder = tagOfHook.get(hookId) ?? seenHooks.get(hookId);
    if (holder)
      found.push({
        id,
        code: 'hook.taken',
        field: { path: 'hookId', code: 'taken', params: { tag: holder } },
      });
    seenHooks.set(hookId, tag);
    return found;
  });
}

/** Refuses a single bike with what stands against it: a taken tag or hook by its own code, anything else field by field. */
export async function refuseBike(tx: EntityManager, wanted: Wanted): Promise<void> {
  const refused = await refusedBikes(tx, [wanted]);
  const [first] = refused;
  if (!first) return;
  const taken = refused.find((each) => each.code !== 'body.invalid') ?? first;
  throw new RefusedError(taken.code, taken.field.params ?? {}, { fields: refused.map((each) => each.field) });
}

/** The document the record keeps: its model's name, and the fields in which it is built otherwise. */
export function documentOf(bike: Wanted, model: ModelRow | null): BikeDocument {
  return {
    id: bike.id,
    tag: bike.tag,
    model: model?.name ?? bike.model,
    size: bike.size,
    serial: bike.serial,
    siteId: bike.siteId,
    hookId: bike.hookId,
    build: bike.build,
    modelId: model?.id ?? null,
    own: model ? differingFields(model.build, bike.build) : [],
    fit: bike.fit,
    boughtOn: bike.boughtOn,
    warrantyUntil: bike.warrantyUntil,
  };
}

export async function modelById(tx: EntityManager, id: string | null): Promise<ModelRow | null> {
  return id ? tx.getRepository(modelEntity).findOneBy({ id }) : null;
}

/** A bike with what it is to be built like. */
export interface RebuiltBike {
  readonly bike: BikeRow;
  readonly build: Build;
}

/** Tells which of these bikes must be checked before they go out, as each is built from now on: asked of the feature that has the checks. */
export type DueByBuild = (
  tx: EntityManager,
  rebuilt: readonly RebuiltBike[],
  now: number,
) => Promise<ReadonlySet<string>>;
