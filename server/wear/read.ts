import { In, type EntityManager } from 'typeorm';
import type { Build } from '@cadre/core/fleet';
import {
  healedIn,
  WORN_MEASURES,
  wearSeries,
  type FittedSpan,
  type RiddenBike,
  type Healed,
  type WearSeries,
} from '@cadre/core/wear';
import { bikeEntity, fitmentEntity, partEntity } from '@cadre/server/fleet';
import { outingEntity } from '@cadre/server/outings';
import { bikeReadingEntity } from './entities';

/** Every span of the parts that ever sat on these bikes, wherever else they sat. */
async function spansOf(tx: EntityManager, bikeIds: readonly string[]): Promise<readonly FittedSpan[]> {
  const fitments = tx.getRepository(fitmentEntity);
  const here = await fitments.find({ where: { bikeId: In(bikeIds) }, select: { partId: true } });
  const partIds = [...new Set(here.map((each) => each.partId))];
  if (partIds.length === 0) return [];
  const parts = new Map(
    (await tx.getRepository(partEntity).findBy({ id: In(partIds) })).map((part) => [part.id, part]),
  );
  return (await fitments.findBy({ partId: In(partIds) })).flatMap(
    ({ partId, bikeId, position, fittedAt, removedAt }): FittedSpan[] => {
      const part = parts.get(partId);
      return part
        ? [
            {
              partId,
              partName: part.name,
              kind: part.kind,
              bikeId,
              position,
              from: fittedAt.getTime(),
              to: removedAt?.getTime() ?? null,
            },
          ]
        : [];
    },
  );
}

async function riddenBikes(tx: EntityManager, bikeIds: readonly string[]): Promise<readonly RiddenBike[]> {
  const bikes = await tx
    .getRepository(bikeEntity)
    .find({ where: { id: In(bikeIds) }, select: { id: true, build: true } });
  const outings = new Map<string, RiddenBike['outings'][number][]>();
  for (const { bikeId, at, km } of await tx.getRepository(outingEntity).findBy({ bikeId: In(bikeIds) }))
    outings.set(bikeId, [
      ...(outings.get(bikeId) ?? []),
      { at: at.getTime(), km: km === null ? null : Number(km) },
    ]);
  return bikes.map(({ id, build }) => ({ id, kind: build.kind, outings: outings.get(id) ?? [] }));
}

/** The wear series of everything measured on these bikes, and of their parts wherever those sat. */
export async function seriesOf(
  tx: EntityManager,
  bikeIds: readonly string[],
  now: number,
): Promise<readonly WearSeries[]> {
  if (bikeIds.length === 0) return [];
  const spans = await spansOf(tx, bikeIds);
  const everywhere = [...new Set([...bikeIds, ...spans.map((span) => span.bikeId)])];
  const readings = await tx
    .getRepository(bikeReadingEntity)
    .find({ where: { bikeId: In(everywhere), measure: In(WORN_MEASURES) } });
  const taken = readings.map(({ bikeId, measure, position, method, values, better, at }) => ({
    bikeId,
    measure,
    position,
    ...(method === null ? {} : { method }),
    ...(better === null ? {} : { better }),
    values,
    at: at.getTime(),
  }));
  return wearSeries(taken, spans, await riddenBikes(tx, everywhere), now);
}

/** Bikes of a kind that were measured of late: what the fleet knows of wear is read off them. */
export async function measuredLately(
  tx: EntityManager,
  kind: Build['kind'],
  since: number,
  most: number,
): Promise<readonly string[]> {
  const rows = await tx.query<{ bikeId: string }[]>(
    "SELECT r.bikeId, MAX(r.at) AS last FROM bike_reading r JOIN bike b ON b.id = r.bikeId WHERE r.measure IN (?) AND r.at >= ? AND JSON_VALUE(b.build, '$.kind') = ? GROUP BY r.bikeId ORDER BY last DESC, r.bikeId LIMIT ?",
    [WORN_MEASURES, new Date(since), kind, most],
  );
  return rows.map((row) => row.bikeId);
}

/** Wear that seems to have healed since a moment, on any bike, the latest first. */
export async function healedSince(tx: EntityManager, since: number, now: number): Promise<readonly Healed[]> {
  const rows = await tx.query<
    {
      bikeId: string;
    }[]
  >('SELECT DISTINCT bikeId FROM bike_reading WHERE measure IN (?) AND at >= ?', [
    WORN_MEASURES,
    new Date(since),
  ]);
  const series = await seriesOf(
    tx,
    rows.map((row) => row.bikeId),
    now,
  );
  return [...healedIn(series, since)].sort((a, b) => b.after.at - a.after.at);
}
