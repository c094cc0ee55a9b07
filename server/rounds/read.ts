import { In, type EntityManager } from 'typeorm';
import type { Round, StandingRound } from '@cadre/contract/rounds';
import { minutesEach, type RoundLook } from '@cadre/core/rounds';
import { startOfSiteDay } from '@cadre/core/schedule';
import { sheetByHash } from '@cadre/server/catalogue';
import { siteEntity } from '@cadre/server/fleet/entities';
import { RefusedError } from '@cadre/server/records';
import { roundEntity, standingRoundEntity, type RoundRow, type StandingRoundRow } from './entities';

const DAY_MS = 86_400_000;
/** Pace is what people did lately: so many days, so many checks. */
const PACE_DAYS = 60;
const PACE_CHECKS = 200;

export async function findRound(tx: EntityManager, id: string): Promise<RoundRow> {
  const row = await tx.getRepository(roundEntity).findOneBy({ id });
  if (!row) throw new RefusedError('not-found', { what: 'round' });
  return row;
}

/** Every version of the sheets a round may be done with: the one it names, or whatever is a whole ride-out. */
async function hashesOf(tx: EntityManager, sheetKey: string | null): Promise<readonly string[]> {
  const rows = (await tx.query(
    sheetKey === null ? 'SELECT hash FROM sheet_version WHERE clears = 1' : 'SELECT hash FROM sheet_version WHERE `key` = ?',
    sheetKey === null ? [] : [sheetKey],
  )) as { hash: string }[];
  if (sheetKey !== null) return rows.map((row) => row.hash);
  const sheets = await Promise.all(rows.map((row) => sheetByHash(tx, row.hash)));
  return sheets.filter(({ sheet }) => !sheet.afterRideOut).map(({ hash }) => hash);
}

interface LookRow {
  readonly id: string;
  readonly bikeId: string;
  readonly state: 'open' | 'signed';
  readonly openedBy: string;
  readonly openedAt: Date;
  readonly signedBy: string | null;
  readonly signedAt: Date | null;
  readonly complete: number | boolean | null;
}

/** What stands of each question: the newest word of each person; counted and dated by check. */
async function markedIn(tx: EntityManager, checkIds: readonly string[]): Promise<ReadonlyMap<string, { by: string; at: number; found: number }>> {
  if (checkIds.length === 0) return new Map();
  const rows = (await tx.query(
    'SELECT checkId, author, `at`, word, CONCAT(checkpoint, "@", position) AS question FROM (SELECT m.*, ROW_NUMBER() OVER (PARTITION BY checkId, checkpoint, position, author ORDER BY `at` DESC, id) AS newest FROM mark m WHERE checkId IN (?)) AS latest WHERE newest = 1 ORDER BY `at`',
    [checkIds],
  )) as { checkId: string; author: string; at: Date; word: string; question: string }[];
  const byCheck = new Map<string, { by: string; at: number; found: Set<string> }>();
  for (const row of rows) {
    const found = byCheck.get(row.checkId)?.found ?? new Set<string>();
    if (row.word === 'fault' || row.word === 'watch') found.add(row.question);
    byCheck.set(row.checkId, { by: row.author, at: row.at.getTime(), found });
  }
  return new Map([...byCheck].map(([id, { by, at, found }]) => [id, { by, at, found: found.size }]));
}

async function looksOf(tx: EntityManager, round: RoundRow, hashes: readonly string[], clears: boolean): Promise<RoundLook[]> {
  if (hashes.length === 0) return [];
  const { timeZone } = await tx.getRepository(siteEntity).findOneByOrFail({ id: round.siteId });
  // A ride-out begun on an earlier day says nothing of this round; a season's work does.
  const openSince = clears ? new Date(startOfSiteDay(round.madeAt.getTime(), timeZone)) : new Date(0);
  const until = round.closedAt ?? new Date(8.64e15 / 1000);
  const rows = (await tx.query(
    "SELECT id, bikeId, state, openedBy, openedAt, signedBy, signedAt, complete FROM bike_check WHERE bikeId IN (?) AND sheetHash IN (?) AND repairId IS NULL AND amends IS NULL AND ((state = 'open' AND openedAt >= ?) OR (state = 'signed' AND signedAt >= ? AND signedAt <= ?)) ORDER BY COALESCE(signedAt, '9999-01-01'), openedAt, id",
    [round.bikeIds, hashes, openSince, round.madeAt, until],
  )) as LookRow[];
  const marked = await markedIn(
    tx,
    rows.map((row) => row.id),
  );
  const byBike = new Map<string, RoundLook>();
  for (const row of rows) {
    const marks = marked.get(row.id);
    const before = byBike.get(row.bikeId);
    // Done stays done: somebody looking again takes nothing away.
    if (before?.complete && row.state === 'open') continue;
    byBike.set(row.bikeId, {
      bikeId: row.bikeId,
      checkId: row.id,
      state: row.state,
      by: row.signedBy ?? marks?.by ?? row.openedBy,
      lastAt: row.signedAt?.getTime() ?? marks?.at ?? row.openedAt.getTime(),
      signedBy: row.signedBy,
      signedAt: row.signedAt?.getTime() ?? null,
      complete: Boolean(row.complete),
      found: marks?.found ?? 0,
    });
  }
  return [...byBike.values()];
}

/** Minutes a bike at this site lately, on the sheets of the round. */
async function paceOf(tx: EntityManager, round: RoundRow, hashes: readonly string[], now: number): Promise<number[]> {
  if (hashes.length === 0) return [];
  const rows = (await tx.query(
    "SELECT c.signedBy AS `by`, c.openedAt, c.signedAt FROM bike_check c JOIN bike b ON b.id = c.bikeId WHERE c.sheetHash IN (?) AND c.state = 'signed' AND c.amends IS NULL AND c.signedAt >= ? AND b.siteId = ? ORDER BY c.signedAt DESC LIMIT ?",
    [hashes, new Date(now - PACE_DAYS * DAY_MS), round.siteId, PACE_CHECKS],
  )) as { by: string; openedAt: Date; signedAt: Date }[];
  return [...minutesEach(rows.map((row) => ({ by: row.by, openedAt: row.openedAt.getTime(), signedAt: row.signedAt.getTime() })))];
}

export async function describeRound(tx: EntityManager, round: RoundRow, now: number): Promise<Round> {
  const hashes = await hashesOf(tx, round.sheetKey);
  const clears = round.sheetKey === null || Boolean((await Promise.all(hashes.slice(0, 1).map((hash) => sheetByHash(tx, hash))))[0]?.sheet.clears);
  return {
    ...round,
    bikeIds: [...round.bikeIds],
    people: [...round.people],
    undone: round.undone.map((each) => ({ ...each })),
    deadline: round.deadline.getTime(),
    madeAt: round.madeAt.getTime(),
    closedAt: round.closedAt?.getTime() ?? null,
    looks: await looksOf(tx, round, hashes, clears),
    minutes: await paceOf(tx, round, hashes, now),
  };
}

export function standingRoundOf(row: StandingRoundRow): StandingRound {
  const { rule, people, ...rest } = row;
  return { ...rest, people: [...people], rule: structuredClone(rule) as StandingRound['rule'] };
}

export async function standingRounds(tx: EntityManager): Promise<StandingRoundRow[]> {
  return tx.getRepository(standingRoundEntity).find({ order: { doneBy: 'ASC', id: 'ASC' } });
}

/** The rounds that are on, and those closed lately. */
export async function roundsAround(tx: EntityManager, now: number): Promise<RoundRow[]> {
  const open = await tx.getRepository(roundEntity).find({ where: { state: 'open' }, order: { deadline: 'ASC', id: 'ASC' } });
  const ids = (
    (await tx.query("SELECT id FROM round WHERE state = 'closed' AND closedAt >= ? ORDER BY closedAt DESC LIMIT 20", [new Date(now - DAY_MS)])) as {
      id: string;
    }[]
  ).map((row) => row.id);
  const closed = ids.length === 0 ? [] : await tx.getRepository(roundEntity).find({ where: { id: In(ids) }, order: { closedAt: 'DESC' } });
  return [...open, ...closed];
}
