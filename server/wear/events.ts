import { resolveMarks } from '@cadre/core/checks';
import { isMeasure } from '@cadre/core/measures';
import { IsNull, Not, type EntityManager } from 'typeorm';
import { markEntity, markOf, type CheckEvents } from '@cadre/server/checks';
import type { Projections } from '@cadre/server/platform/event-log';
import { bikeReadingEntity } from './entities';

/** Keeps the readings that stand in a check now signed. Of one it amends, what it says anew no longer counts. */
async function keepReadings(
  tx: EntityManager,
  bikeId: string,
  checkId: string,
  amends?: string,
): Promise<void> {
  const marks = tx.getRepository(markEntity);
  const readings = tx.getRepository(bikeReadingEntity);
  if (!amends && !(await marks.existsBy({ checkId, reading: Not(IsNull()) }))) return;
  for (const standing of resolveMarks((await marks.findBy({ checkId })).map(markOf)).values()) {
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

type Heard = Pick<Projections<CheckEvents>, 'check.signed' | 'check.amended'>;

export const wearListens: Heard = {
  'check.signed': (tx, { body }) => keepReadings(tx, body.bikeId, body.checkId),
  'check.amended': (tx, { body }) => keepReadings(tx, body.bikeId, body.checkId, body.amends),
};
