import type { EntityManager } from 'typeorm';
import type { Bike, Rack } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import type { Fitted, FittedPart } from '@cadre/core/catalogue';
import type { FitList } from '@cadre/core/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import type { Opening } from '@cadre/core/schedule';
import { jsonOf } from '@cadre/server/platform/database';
import { RefusedError } from '@cadre/server/platform/event-log';
import { bikeEntity, hookEntity, rackEntity, type BikeRow, type HookRow } from './entities';

/** A bike's row with its facts and its open check, JSON still as text. */
interface TellingRow extends Omit<BikeRow, 'build' | 'own' | 'fit'> {
  readonly build: string;
  readonly own: string;
  readonly fit: string;
  readonly facts: string | null;
  readonly openCheckId: string | null;
  /** The parts on record: kind, position and markings of each. */
  readonly fitted: unknown;
}

const COLUMNS =
  'b.id, b.tag, b.modelId, b.model, b.size, b.serial, b.boughtOn, b.warrantyUntil, b.siteId, b.hookId, b.build, b.own, b.fit, b.whereabouts, b.version';
/**
 * The open check is that of a checklist that clears: a season's work half done is no ride-out begun.
 * One statement for any number of bikes, past the mapper: the wall tells thousands at once and is the first
 * thing everybody waits for.
 */
const TELLING = `SELECT ${COLUMNS}, s.facts, MIN(c.id) AS openCheckId, (SELECT JSON_ARRAYAGG(JSON_ARRAY(p.kind, f.position, p.markings)) FROM fitment f JOIN part p ON p.id = f.partId WHERE f.bikeId = b.id AND f.removedAt IS NULL) AS fitted FROM bike b LEFT JOIN bike_state s ON s.bikeId = b.id LEFT JOIN bike_check c ON c.bikeId = b.id AND c.state = 'open' AND c.repairId IS NULL AND c.checklistHash IN (SELECT v.hash FROM checklist_version v WHERE v.clears = 1)`;

/** Texts many bikes share (a model's build, no facts at all) are read once for a whole telling. */
function readerOf(): <T>(text: string) => T {
  const read = new Map<string, unknown>();
  return <T>(text: string): T => {
    if (!read.has(text)) read.set(text, JSON.parse(text));
    return read.get(text) as T;
  };
}

/** What is on record of the parts a bike has now. */
export interface PartsNow {
  readonly parts: readonly FittedPart[];
  /** What they are marked with, all of it. */
  readonly marked: FitList;
}
export const NO_PARTS: PartsNow = { parts: [], marked: {} };

/** The parts on record as fitted now, by bike. */
export async function partsByBike(
  tx: EntityManager,
  bikeIds: readonly string[],
): Promise<ReadonlyMap<string, PartsNow>> {
  if (bikeIds.length === 0) return new Map();
  const rows = await tx.query<(FittedPart & { bikeId: string; markings: string })[]>(
    'SELECT DISTINCT f.bikeId, p.kind, f.position, p.markings FROM fitment f JOIN part p ON p.id = f.partId WHERE f.removedAt IS NULL AND f.bikeId IN (?)',
    [bikeIds],
  );
  const byBike = new Map<string, FittedRow[]>();
  for (const { bikeId, kind, position, markings } of rows)
    byBike.set(bikeId, [...(byBike.get(bikeId) ?? []), [kind, position, markings]]);
  return new Map([...byBike].map(([id, own]) => [id, partsNow(own)]));
}

type FittedRow = readonly [kind: FittedPart['kind'], position: FittedPart['position'], markings: unknown];

/** Each place once, and all that is marked. */
function partsNow(rows: readonly FittedRow[]): PartsNow {
  const place = ([kind, position, markings]: FittedRow): string =>
    `${kind}\n${position}\n${JSON.stringify(markings)}`;
  const inOrder = [...rows].sort((a, b) => (place(a) < place(b) ? -1 : 1));
  const parts = new Map(inOrder.map(([kind, position]) => [`${kind}@${position}`, { kind, position }]));
  return {
    parts: [...parts.values()],
    marked: Object.assign({}, ...inOrder.map(([, , markings]) => jsonOf<FitList>(markings))) as FitList,
  };
}

/** What a checklist's rules look at: the bike as it is built, and the parts on record. */
export async function fittedOf(tx: EntityManager, bike: Pick<BikeRow, 'id' | 'build'>): Promise<Fitted> {
  return { build: bike.build, parts: (await partsByBike(tx, [bike.id])).get(bike.id)?.parts ?? [] };
}

function bikeOf(row: TellingRow, read: ReturnType<typeof readerOf>): Bike {
  const { parts, marked } = row.fitted === null ? NO_PARTS : partsNow(jsonOf<FittedRow[]>(row.fitted));
  return {
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
    build: read(row.build),
    own: read(row.own),
    fit: read(row.fit),
    parts: [...parts],
    marked: { ...marked },
    whereabouts: row.whereabouts,
    version: row.version,
    facts: row.facts === null ? NO_FACTS : read(row.facts),
    openCheckId: row.openCheckId,
  };
}

/** Every bike as the interface tells it, in the order of tags. */
export async function describeFleet(tx: EntityManager): Promise<Bike[]> {
  const rows = await tx.query<TellingRow[]>(`${TELLING} GROUP BY b.id ORDER BY b.tag`);
  const read = readerOf();
  return rows.map((row) => bikeOf(row, read));
}

/** Bikes as the interface tells them, in the order given. */
export async function describeBikes(
  tx: EntityManager,
  bikes: readonly { readonly id: string }[],
): Promise<Bike[]> {
  if (bikes.length === 0) return [];
  const rows = await tx.query<TellingRow[]>(`${TELLING} WHERE b.id IN (?) GROUP BY b.id`, [
    bikes.map((bike) => bike.id),
  ]);
  const read = readerOf();
  const byId = new Map(rows.map((row) => [row.id, bikeOf(row, read)]));
  return bikes.flatMap((bike) => byId.get(bike.id) ?? []);
}

export async function findBike(tx: EntityManager, id: string): Promise<BikeRow> {
  const row = await tx.getRepository(bikeEntity).findOneBy({ id });
  if (!row) throw new RefusedError('not-found', { what: 'bike' });
  return row;
}

export async function describeBike(tx: EntityManager, id: string): Promise<Bike> {
  const [bike] = await describeBikes(tx, [{ id }]);
  if (!bike) throw new RefusedError('not-found', { what: 'bike' });
  return bike;
}

/** Every site with its racks and their hooks, in order. */
export async function describePlaces(tx: EntityManager): Promise<Pick<Wall, 'sites' | 'racks'>> {
  const rows = await tx.query<
    {
      siteId: string;
      site: string;
      timeZone: string;
      opensAt: string;
      opening: string;
      rackId: string | null;
      rack: string;
      position: number;
      hookId: string | null;
      number: number;
    }[]
  >(
    'SELECT s.id AS siteId, s.name AS site, s.timeZone, s.opensAt, s.opening, r.id AS rackId, r.name AS rack, r.position, h.id AS hookId, h.number FROM site s LEFT JOIN rack r ON r.siteId = s.id LEFT JOIN hook h ON h.rackId = r.id ORDER BY s.name, r.position, r.id, h.number',
  );
  const sites = new Map(
    rows.map(({ siteId, site, timeZone, opensAt, opening }) => [
      siteId,
      { id: siteId, name: site, timeZone, opensAt, opening: jsonOf<Opening>(opening) },
    ]),
  );
  const racks = new Map<string, Rack & { hooks: Rack['hooks'][number][] }>();
  for (const { rackId, siteId, rack, position, hookId, number } of rows) {
    if (rackId === null) continue;
    const known = racks.get(rackId) ?? { id: rackId, siteId, name: rack, order: position, hooks: [] };
    racks.set(rackId, known);
    if (hookId !== null) known.hooks.push({ id: hookId, number });
  }
  return { sites: [...sites.values()], racks: [...racks.values()].sort((a, b) => a.order - b.order) };
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
