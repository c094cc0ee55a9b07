import type { EntityManager } from 'typeorm';
import { questionKey, type Position } from '@cadre/core/catalogue';
import type { UseOfInstrument } from '@cadre/core/equipment';
import type { TightenedJoint } from '@cadre/core/repairs';

type Use = UseOfInstrument & { readonly typed: string };

/** Everything signed that was measured on these bikes since a moment, and every joint tightened in a repair, with what. */
export async function measuredSince(
  tx: EntityManager,
  bikeIds: readonly string[],
  since: number,
): Promise<readonly Use[]> {
  const readings = await tx.query<
    {
      bikeId: string;
      checkpoint: string;
      position: Position;
      typed: string;
      instrumentId: string | null;
      at: Date;
    }[]
  >(
    `SELECT c.bikeId, m.checkpoint, m.position, JSON_VALUE(m.reading, '$.typed') AS typed, JSON_VALUE(m.reading, '$.instrumentId') AS instrumentId, m.at
       FROM bike_check c JOIN mark m ON m.checkId = c.id
      WHERE c.bikeId IN (?) AND c.state = 'signed' AND m.at >= ? AND m.reading IS NOT NULL AND m.outcome <> 'withdrawn'`,
    [bikeIds, new Date(since)],
  );
  const repairs = await tx.query<{ bikeId: string; torques: string; doneAt: Date }[]>(
    'SELECT bikeId, torques, doneAt FROM repair WHERE bikeId IN (?) AND doneAt >= ?',
    [bikeIds, new Date(since)],
  );
  return [
    ...readings.map(({ checkpoint, position, at, ...row }): Use => ({
      ...row,
      ...{ what: questionKey({ checkpoint, position }), at: at.getTime() },
    })),
    ...repairs.flatMap(({ bikeId, torques, doneAt }) =>
      (JSON.parse(torques) as TightenedJoint[]).map(({ joint, newtonMetres, equipmentId }): Use => ({
        ...{ bikeId, what: `joint ${joint}`, typed: `${newtonMetres} N m` },
        ...{ instrumentId: equipmentId ?? null, at: doneAt.getTime() },
      })),
    ),
  ];
}
