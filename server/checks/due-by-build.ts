import { In, MoreThan, type EntityManager } from 'typeorm';
import { newCriticals } from '@cadre/core/catalogue';
import { differingFields } from '@cadre/core/fleet';
import { sheetEntity } from '@cadre/server/catalogue';
import { partsByBike, type RebuiltBike } from '@cadre/server/fleet';
import { checkEntity } from './entities';

/**
 * Which of these bikes have to be looked at before they go out, as each is built now: its last check that
 * still counts did not ask a critical that the new build asks, or it is another kind of bike altogether.
 */
export async function dueByBuild(
  tx: EntityManager,
  rebuilt: readonly RebuiltBike[],
  now: number,
): Promise<ReadonlySet<string>> {
  const changed = rebuilt.filter(({ bike, build }) => differingFields(bike.build, build).length > 0);
  if (changed.length === 0) return new Set();
  const valid = await tx.getRepository(checkEntity).find({
    where: {
      bikeId: In(changed.map(({ bike }) => bike.id)),
      state: 'signed',
      validUntil: MoreThan(new Date(now)),
    },
    select: { id: true, bikeId: true, sheetHash: true },
  });
  const sheets = await tx
    .getRepository(sheetEntity)
    .findBy({ hash: In([...new Set(valid.map((check) => check.sheetHash))]) });
  const sheetOf = new Map(sheets.map((row) => [row.hash, row.sheet]));
  const parts = await partsByBike(
    tx,
    changed.map(({ bike }) => bike.id),
  );
  const due = changed.filter(({ bike, build }) =>
    valid.some((check) => {
      const sheet = sheetOf.get(check.sheetHash);
      return (
        check.bikeId === bike.id &&
        (bike.build.kind !== build.kind ||
          (sheet !== undefined &&
            newCriticals(
              sheet,
              { build: bike.build, parts: parts.get(bike.id)?.parts ?? [] },
              { build, parts: parts.get(bike.id)?.parts ?? [] },
            ).length > 0))
      );
    }),
  );
  return new Set(due.map(({ bike }) => bike.id));
}
