import { In, MoreThan, type EntityManager } from 'typeorm';
import { newCriticals } from '@cadre/core/catalogue';
import { differingFields } from '@cadre/core/fleet';
import { checklistEntity } from '@cadre/server/catalogue';
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
    select: { id: true, bikeId: true, checklistHash: true },
  });
  const checklists = await tx
    .getRepository(checklistEntity)
    .findBy({ hash: In([...new Set(valid.map((check) => check.checklistHash))]) });
  const checklistOf = new Map(checklists.map((row) => [row.hash, row.checklist]));
  const parts = await partsByBike(
    tx,
    changed.map(({ bike }) => bike.id),
  );
  const due = changed.filter(({ bike, build }) =>
    valid.some((check) => {
      const checklist = checklistOf.get(check.checklistHash);
      return (
        check.bikeId === bike.id &&
        (bike.build.kind !== build.kind ||
          (checklist !== undefined &&
            newCriticals(
              checklist,
              { build: bike.build, parts: parts.get(bike.id)?.parts ?? [] },
              { build, parts: parts.get(bike.id)?.parts ?? [] },
            ).length > 0))
      );
    }),
  );
  return new Set(due.map(({ bike }) => bike.id));
}
