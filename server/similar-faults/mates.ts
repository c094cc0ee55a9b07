import { In, MoreThanOrEqual, type EntityManager } from 'typeorm';
import type { Mate } from '@cadre/core/findings';
import type { FittedPart } from '@cadre/core/catalogue';
import { bikeEntity } from '@cadre/server/fleet';
import { repairEntity } from '@cadre/server/repairs';
import { findingEntity } from '@cadre/server/findings';

type NamedPart = FittedPart & { readonly bikeId: string; readonly name: string };

/** Every bike with what it may share with others: model, parts by name, and who worked on it since. */
export async function matesOf(tx: EntityManager, since: Date): Promise<readonly Mate[]> {
  const bikes = await tx
    .getRepository(bikeEntity)
    .find({ select: { id: true, modelId: true }, order: { tag: 'ASC' } });
  const parts = await tx.query<NamedPart[]>(
    'SELECT f.bikeId, f.position, p.kind, p.name FROM fitment f JOIN part p ON p.id = f.partId WHERE f.removedAt IS NULL ORDER BY f.bikeId, f.id',
  );
  const repairs = await tx
    .getRepository(repairEntity)
    .find({ where: { doneAt: MoreThanOrEqual(since) }, order: { doneAt: 'ASC', id: 'ASC' } });
  const byBike = new Map(
    bikes.map(({ id, modelId }) => [
      id,
      { bikeId: id, modelId, parts: [] as NamedPart[], work: [] as Mate['work'][number][] },
    ]),
  );
  for (const part of parts) byBike.get(part.bikeId)?.parts.push(part);
  for (const { bikeId, doneBy, doneAt, touched } of repairs)
    if (doneBy && doneAt)
      byBike
        .get(bikeId)
        ?.work.push({ by: doneBy, touches: touched.map((each) => each.touch), at: doneAt.getTime() });
  return [...byBike.values()];
}

/** When a checkpoint was last signed on these bikes since a moment. */
export async function lookedSince(
  tx: EntityManager,
  bikeIds: readonly string[],
  checkpoint: string,
  since: Date,
): Promise<ReadonlyMap<string, number>> {
  if (bikeIds.length === 0) return new Map();
  const rows = await tx.query<{ bikeId: string; last: Date }[]>(
    "SELECT c.bikeId, MAX(c.signedAt) AS last FROM bike_check c JOIN mark m ON m.checkId = c.id WHERE c.bikeId IN (?) AND c.state = 'signed' AND c.signedAt >= ? AND m.checkpoint = ? AND m.outcome NOT IN ('withdrawn', 'skipped') GROUP BY c.bikeId",
    [bikeIds, since, checkpoint],
  );
  return new Map(rows.map((row) => [row.bikeId, row.last.getTime()]));
}

/** The bikes that have this very fault open. */
export async function havingFault(
  tx: EntityManager,
  bikeIds: readonly string[],
  checkpoint: string,
  fault: string,
): Promise<ReadonlySet<string>> {
  if (bikeIds.length === 0) return new Set();
  const rows = await tx.getRepository(findingEntity).find({ where: { bikeId: In(bikeIds) } });
  return new Set(
    rows
      .filter(
        ({ state, finding }) =>
          state !== 'closed' && finding.checkpoint === checkpoint && finding.fault === fault,
      )
      .map((row) => row.bikeId),
  );
}
