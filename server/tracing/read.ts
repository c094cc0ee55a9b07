import type { EntityManager } from 'typeorm';
import type { AnswerOf } from '@cadre/contract/http';
import type { traceRecord, TraceRun } from '@cadre/contract/tracing';
import { questionKey, type Position, type Touched } from '@cadre/core/catalogue';
import type { Reading } from '@cadre/core/checks';
import { DAY_MS } from '@cadre/core/time';
import type { ProvedCause } from '@cadre/core/tracing';
import { measuredInDoubt } from '@cadre/server/equipment';
import { factsOf } from '@cadre/server/fitness';
import { findBike } from '@cadre/server/fleet';
import { overdueServices } from '@cadre/core/fitness';
import { repairEntity } from '@cadre/server/repairs';
import { punctureEntity, traceRunEntity, type TraceRunRow } from './entities';

type Record = AnswerOf<typeof traceRecord>['record'];

/** Nothing older answers a question. */
const DAYS = 90;

export const runOf = ({ beganAt, changedAt, proved: _proved, origin, ...row }: TraceRunRow): TraceRun => ({
  ...row,
  from: { ...origin },
  answers: row.answers.map((each) => ({ ...each })),
  refuted: [...row.refuted],
  holding: [...row.holding],
  beganAt: beganAt.getTime(),
  changedAt: changedAt.getTime(),
});

/** How often each cause was proved by its repair. */
export async function provedCauses(tx: EntityManager): Promise<readonly ProvedCause[]> {
  const rows = await tx.query<{ trace: string; cause: string; count: string }[]>(
    'SELECT trace, cause, COUNT(*) AS count FROM trace_run WHERE proved = 1 AND cause IS NOT NULL GROUP BY trace, cause ORDER BY trace, cause',
  );
  return rows.map(({ count, ...row }) => ({ ...row, count: Number(count) }));
}

/** Whether a finding was repaired and its recheck passed: one that was closed otherwise proves nothing. */
export async function wasRechecked(tx: EntityManager, bikeId: string, findingId: string): Promise<boolean> {
  const repairs = await tx.getRepository(repairEntity).findBy({ bikeId, state: 'rechecked' });
  return repairs.some(({ findingIds }) => findingIds.includes(findingId));
}

interface MarkedRow {
  readonly checkpoint: string;
  readonly position: Position;
  readonly outcome: string;
  readonly reading: string | null;
  readonly at: Date;
}

/** The newest signed mark of each question of a bike, and the newest with a reading. */
async function marksOf(tx: EntityManager, bikeId: string, since: Date): Promise<readonly MarkedRow[]> {
  return tx.query<MarkedRow[]>(
    `SELECT m.checkpoint, m.position, m.outcome, m.reading, m.at FROM bike_check c JOIN mark m ON m.checkId = c.id
      WHERE c.bikeId = ? AND c.state = 'signed' AND c.openedAt >= ? AND m.outcome <> 'withdrawn' ORDER BY m.at DESC, m.id DESC`,
    [bikeId, since],
  );
}

const newestBy = <T>(rows: readonly T[], keyOf: (row: T) => string): readonly T[] => {
  const newest = new Map<string, T>();
  for (const row of rows) if (!newest.has(keyOf(row))) newest.set(keyOf(row), row);
  return [...newest.values()];
};

/** What is on record of a bike, as far as searches use it. */
export async function recordOf(tx: EntityManager, bikeId: string, now: number): Promise<Record> {
  await findBike(tx, bikeId);
  const since = new Date(now - DAYS * DAY_MS);
  const facts = await factsOf(tx, bikeId);
  const marks = await marksOf(tx, bikeId, since);
  const unsure = await measuredInDoubt(tx, bikeId);
  const place = (row: MarkedRow): string => questionKey(row);
  // What an instrument measured that failed since answers nothing, and nothing older stands in for it.
  const newestSure = (rows: readonly MarkedRow[]): readonly MarkedRow[] =>
    newestBy(rows, place).filter((mark) => !unsure.has(`${place(mark)} ${mark.at.getTime()}`));
  const read = newestSure(marks.filter((mark) => mark.reading !== null));
  const incidents = await tx.query<{ kind: string; at: Date }[]>(
    'SELECT kind, at FROM incident WHERE bikeId = ? AND at >= ? ORDER BY at DESC, id',
    [bikeId, since],
  );
  const repairs = await tx.query<{ touched: string; doneAt: Date }[]>(
    'SELECT touched, doneAt FROM repair WHERE bikeId = ? AND doneAt >= ? ORDER BY doneAt DESC, id',
    [bikeId, since],
  );
  const punctures = await tx
    .getRepository(punctureEntity)
    .find({ where: { bikeId }, order: { at: 'DESC', id: 'DESC' }, take: 20 });
  return {
    readings: read.map(({ checkpoint, position, reading, at }) => {
      const { values, method = null, typed } = JSON.parse(reading ?? '{}') as Reading;
      return { checkpoint, position, values: [...values], method, typed, at: at.getTime() };
    }),
    answers: newestSure(marks).map(({ checkpoint, position, outcome, at }) => ({
      ...{ checkpoint, position, outcome, at: at.getTime() },
    })),
    findings: facts.findings.map(({ checkpoint, position, fault, words, lastSeenAt }) => ({
      ...{ checkpoint, position, fault, words: words.fault, at: lastSeenAt },
    })),
    servicesOverdue: overdueServices(facts, now).map(({ service, name, dueAt }) => ({
      ...{ service, name, since: dueAt },
    })),
    incidents: incidents.map(({ kind, at }) => ({ kind, at: at.getTime() })),
    work: repairs.flatMap(({ touched, doneAt }) =>
      (JSON.parse(touched) as Touched[]).map(({ touch, position }) => ({
        touch,
        position,
        at: doneAt.getTime(),
      })),
    ),
    punctures: punctures.map(({ position, hour, cause, at }) => ({
      position,
      hour,
      cause,
      at: at.getTime(),
    })),
  };
}

/** The searches of a bike, the newest first. */
export async function runsOfBike(tx: EntityManager, bikeId: string): Promise<TraceRun[]> {
  const rows = await tx
    .getRepository(traceRunEntity)
    .find({ where: { bikeId }, order: { beganAt: 'DESC', id: 'DESC' }, take: 20 });
  return rows.map(runOf);
}
