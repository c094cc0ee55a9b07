import { DAY_MS } from '@cadre/core/time';
import type { DataSource, EntityManager } from 'typeorm';
import type { listUnusualRecords } from '@cadre/contract/unusual-records';
import type { AnswerOf } from '@cadre/contract/http';
import { sameDigits, type Reading } from '@cadre/core/checks';
import { checklistByHash } from '@cadre/server/catalogue';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { healedSince } from '@cadre/server/wear';

/** How far back unlikely records are told. */
const UNUSUAL_DAYS = 30;
const MOST_HASTY = 100;
const ODD_MINUTES_AHEAD = 2;
const ODD_DAYS_AGO = 7;
const MOST_HEALED = 100;
const MOST_READINGS = 20_000;

interface HastyRow {
  readonly checkId: string;
  readonly bikeId: string;
  readonly tag: string;
  readonly checklistHash: string;
  readonly by: string;
  readonly at: Date;
  readonly marks: number | string;
  readonly seconds: number | string | null;
}

interface ReadingRow {
  readonly author: string;
  readonly position: string;
  readonly reading: string;
  readonly at: Date;
  readonly bikeId: string;
}

interface OddRow {
  readonly checkId: string;
  readonly bikeId: string;
  readonly tag: string;
  readonly by: string;
  readonly marks: number | string;
  readonly at: Date;
  readonly recordedAt: Date;
}

/** Marks whose device had another time than the server: minutes ahead of it, or longer ago than any shed is without a signal. */
async function oddTimesSince(
  tx: EntityManager,
  from: Date,
): Promise<AnswerOf<typeof listUnusualRecords>['oddTimes']> {
  const rows = await tx.query<OddRow[]>(
    `SELECT m.checkId, c.bikeId, b.tag, m.author AS \`by\`, COUNT(*) AS marks, MIN(m.\`at\`) AS \`at\`, MIN(m.recordedAt) AS recordedAt
     FROM bike_check c JOIN mark m ON m.checkId = c.id JOIN bike b ON b.id = c.bikeId
     WHERE c.openedAt >= ? AND (m.\`at\` > m.recordedAt + INTERVAL ? MINUTE OR m.\`at\` < m.recordedAt - INTERVAL ? DAY)
     GROUP BY m.checkId, m.author ORDER BY recordedAt DESC LIMIT ?`,
    [from, ODD_MINUTES_AHEAD, ODD_DAYS_AGO, MOST_HASTY],
  );
  return rows.map(({ marks, at, recordedAt, ...row }) => ({
    ...row,
    marks: Number(marks),
    at: at.getTime(),
    recordedAt: recordedAt.getTime(),
  }));
}

/** Unlikely records since a time: kept, shown to the lead, blocking nothing. */
async function unusualSince(
  tx: EntityManager,
  since: number,
  now: number,
): Promise<AnswerOf<typeof listUnusualRecords>> {
  const from = new Date(since);
  const hasty = await tx.query<HastyRow[]>(
    'SELECT c.id AS checkId, c.bikeId, b.tag, c.checklistHash, c.signedBy AS `by`, c.signedAt AS `at`, COUNT(m.id) AS marks, TIMESTAMPDIFF(MICROSECOND, MIN(m.`at`), MAX(m.`at`)) / 1e6 AS seconds FROM bike_check c JOIN bike b ON b.id = c.bikeId LEFT JOIN mark m ON m.checkId = c.id WHERE c.hasty = 1 AND c.signedAt >= ? GROUP BY c.id ORDER BY c.signedAt DESC LIMIT ?',
    [from, MOST_HASTY],
  );
  const told = [];
  for (const { checklistHash, at, marks, seconds, ...row } of hasty) {
    const { checklist } = await checklistByHash(tx, checklistHash);
    told.push({
      ...row,
      at: at.getTime(),
      marks: Number(marks),
      seconds: Number(seconds ?? 0),
      checklistName: checklist.name,
    });
  }
  const readings = await tx.query<ReadingRow[]>(
    'SELECT m.author, m.position, m.reading, m.`at`, c.bikeId FROM bike_check c JOIN mark m ON m.checkId = c.id WHERE c.signedAt >= ? AND m.reading IS NOT NULL ORDER BY m.`at` DESC LIMIT ?',
    [from, MOST_READINGS],
  );
  const runs = sameDigits(
    readings.map((row) => {
      const { measure, typed } = JSON.parse(row.reading) as Reading;
      return {
        author: row.author,
        measure,
        position: row.position,
        typed,
        bikeId: row.bikeId,
        at: row.at.getTime(),
      };
    }),
  );
  const healed = await healedSince(tx, since, now);
  const ids = [
    ...new Set([...runs.flatMap((run) => run.bikeIds), ...healed.map(({ after }) => after.bikeId)]),
  ];
  const tags = new Map(
    ids.length === 0
      ? []
      : (
          await tx.query<{ id: string; tag: string }[]>('SELECT id, tag FROM bike WHERE id IN (?)', [ids])
        ).map((row) => [row.id, row.tag]),
  );
  return {
    hasty: told,
    oddTimes: await oddTimesSince(tx, from),
    sameDigits: runs.map((run) => ({
      ...run,
      bikeIds: [...run.bikeIds],
      tags: run.bikeIds.map((id) => tags.get(id) ?? ''),
    })),
    healed: healed.slice(0, MOST_HEALED).map(({ series, before, after }) => ({
      bikeId: after.bikeId,
      tag: tags.get(after.bikeId) ?? '',
      ...series,
      before: { value: before.value, at: before.at },
      after: { value: after.value, at: after.at, better: after.better ?? null },
    })),
    since,
  };
}

export class UnusualRecords {
  constructor(
    private readonly source: DataSource,
    private readonly now: () => number,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listUnusualRecords>> {
    requireAct(actor, 'edit-program');
    return unusualSince(this.source.manager, this.now() - UNUSUAL_DAYS * DAY_MS, this.now());
  }
}
