import { In, type EntityManager } from 'typeorm';
import { v5 as idFrom } from 'uuid';
import { soakDueAt } from '@cadre/core/event-prep';
import type { Gauged } from '@cadre/core/timed-rechecks';
import { markEntity } from '@cadre/server/checks';
import { describeRounds, roundEntity } from '@cadre/server/rounds';
import type { Soak } from '@cadre/server/timed-rechecks';
import type { EventPrepRow } from './entities';
import * as t from './messages';

/** Below this nothing was set, kPa. */
const LEAST_SET_KPA = 20;

/** What the round for the night gauged last, of each tyre: where nothing was read, or the tyre is empty, there is nothing to wait for. */
export async function soaksOf(tx: EntityManager, event: EventPrepRow, now: number): Promise<readonly Soak[]> {
  const step = event.steps.find((each) => each.step === 'soak');
  const made = step && (await tx.getRepository(roundEntity).findOneBy({ id: step.roundId }));
  if (!made || now >= event.startsAt.getTime()) return [];
  const [round] = await describeRounds(tx, [made], now);
  const signed = (round?.looks ?? []).filter((look) => look.complete);
  const marks = await tx.getRepository(markEntity).find({
    where: { checkId: In(signed.map((look) => look.checkId)), checkpoint: 'tyre-pressure' },
    order: { at: 'ASC', id: 'ASC' },
  });
  const soaks = new Map<string, Soak>();
  for (const mark of marks) {
    const look = signed.find((each) => each.checkId === mark.checkId);
    const kpa = mark.reading?.values.at(-1);
    if (!look || !mark.reading || kpa === undefined || kpa < LEAST_SET_KPA) continue;
    const gauged: Gauged = { kpa, typed: mark.reading.typed, at: mark.at.getTime() };
    soaks.set(`${look.bikeId} ${mark.position}`, {
      id: idFrom(`soak ${look.bikeId} ${mark.position}`, made.id),
      bikeId: look.bikeId,
      position: mark.position,
      what: t.soaked({ event: event.name }),
      by: mark.author,
      gauged,
      dueAt: soakDueAt(gauged.at, event.startsAt.getTime()),
    });
  }
  return [...soaks.values()];
}
