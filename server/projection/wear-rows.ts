import { IsNull, Not, type EntityManager } from 'typeorm';
import { foldMarks } from '@cadre/core/checks';
import { isMeasure } from '@cadre/core/measures';
import { markEntity } from '@cadre/server/checks/entities';
import { bikeReadingEntity, outingEntity } from '@cadre/server/wear/entities';
import { markOf } from './bike-state';

/** The bike goes out: one outing more. */
export async function outingBegun(tx: EntityManager, id: string, bikeId: string, at: Date): Promise<void> {
  await tx.getRepository(outingEntity).insert({ id, bikeId, at });
}

/** Keeps the readings that stand in a check now signed. Of one it amends, what it says anew no longer counts. */
export async function keepReadings(
  tx: EntityManager,
  bikeId: string,
  checkId: string,
  amends?: string,
): Promise<void> {
  const marks = tx.getRepository(markEntity);
  const readings = tx.getRepository(bikeReadingEntity);
  if (!amends && !(await marks.existsBy({ checkId, reading: Not(IsNull()) }))) return;
  for (const standing of foldMarks((await marks.findBy({ checkId })).map(markOf)).values()) {
    const [first] = standing.marks;
    if (amends && first)
      await readings.delete({ checkId: amends, checkpoint: first.checkpoint, position: first.position });
    for (const { id, checkpoint, position, reading, at } of standing.marks) {
      if (!reading || !isMeasure(reading.measure)) continue;
      const { measure, method, values, better } = reading;
      await readings.insert({
        id,
        checkId,
        bikeId,
        checkpoint,
        position,
        measure,
        method: method ?? null,
        values,
        better: better ?? null,
        at: new Date(at),
      });
    }
  }
}
