import { DAY_MS } from '@cadre/core/time';
import { In, type EntityManager } from 'typeorm';
import type { Round } from '@cadre/contract/rounds';
import { minutesEach, type RoundLook } from '@cadre/core/rounds';
import { startOfSiteDay } from '@cadre/core/schedule';
import { checklistByHash } from '@cadre/server/catalogue';
import { siteEntity } from '@cadre/server/fleet';
import { RefusedError } from '@cadre/server/platform/event-log';
import { roundEntity, standingRoundEntity, type RoundRow, type StandingRoundRow } from './entities';

/** Pace is what people did lately: so many days, so many checks. */
const PACE_DAYS = 60;
const PACE_CHECKS = 200;

export async function findRound(tx: EntityManager, id: string): Promise<RoundRow> {
  const row = await tx.getRepository(roundEntity).findOneBy({ id });
  if (!row) throw new RefusedError('not-found', { what: 'round' });
  return row;
}

interface ChecklistKnown {
  readonly hash: string;
  readonly key: string;
  readonly clears: number | boolean;
}

/** Of the versions there are, those a round may be done with: of the checklist it names, or of whatever is a whole ride-out. */
async function checklistsOf(
  tx: EntityManager,
  known: readonly ChecklistKnown[],
  checklistKey: string | null,
): Promise<readonly ChecklistKnown[]> {
  if (checklistKey !== null) return known.filter((each) => each.key === checklistKey);
  const whole: ChecklistKnown[] = [];
  // Versions are read once and then known.
  for (const each of known)
    if (each.clears && !(await checklistByHash(tx, each.hash)).checklist.afterRideOut) whole.push(each);
  return whole;
}

interface LookRow {
  readonly id: string;
  readonly bikeId: string;
  readonly checklistHash: string;
  readonly state: 'open' | 'signed';
  readonly openedBy: string;
  readonly openedAt: Date;
  readonly signedBy: string | null;
  readonly signedAt: Date | null;
  readonly complete: number | boolean | null;
}

/** What stands of each question: the newest word of each person; counted and dated by check. */
async function markedIn(
  tx: EntityManager,
  checkIds: readonly string[],
): Promise<ReadonlyMap<string, { by: string; at: number; found: number }>> {
  if (checkIds.length === 0) return new Map();
  const rows = await tx.query<
    { checkId: string; author: string; at: Date; outcome: string; question: string }[]
  >(
    'SELECT checkId, author, `at`, outcome, CONCAT(checkpoint, "@", position) AS question FROM (SELECT m.*, ROW_NUMBER() OVER (PARTITION BY checkId, checkpoint, position, author ORDER BY `at` DESC, id) AS newest FROM mark m WHERE checkId IN (?)) AS latest WHERE newest = 1 ORDER BY `at`',
    [checkIds],
  );
  const byCheck = new Map<string, { by: string; at: number; found: Set<string> }>();
  for (const row of rows) {
    const found = byCheck.get(row.checkId)?.found ?? new Set<string>();
    if (row.outcome === 'fail' || row.outcome === 'watch') found.add(row.question);
    byCheck.set(row.checkId, { by: row.author, at: row.at.getTime(), found });
  }
  return new Map([...byCheck].map(([id, { by, at, found }]) => [id, { by, at, found: found.size }]));
}

const NEVER_CLOSED = 8.64e15 / 1000;

/** Everything several rounds are told from, in a handful of statements however many rounds there are. */
interface Sources {
  readonly checklists: readonly ChecklistKnown[];
  readonly zones: ReadonlyMap<string, string>;
  readonly checks: readonly LookRow[];
  readonly marked: ReadonlyMap<string, { readonly by: string; readonly at: number; readonly found: number }>;
  readonly paces: readonly PaceRow[];
}

interface PaceRow {
  readonly siteId: string;
  readonly checklistHash: string;
  readonly by: string;
  readonly openedAt: Date;
  readonly signedAt: Date;
}

async function sourcesOf(tx: EntityManager, rounds: readonly RoundRow[], now: number): Promise<Sources> {
  const checklists = await tx.query<ChecklistKnown[]>(
    'SELECT hash, `key`, clears FROM checklist_version WHERE publishedAt IS NOT NULL',
  );
  const sites = await tx.getRepository(siteEntity).find();
  const bikeIds = [...new Set(rounds.flatMap((round) => round.bikeIds))];
  const since = new Date(Math.min(...rounds.map((round) => round.madeAt.getTime())));
  const checks =
    bikeIds.length === 0
      ? []
      : await tx.query<LookRow[]>(
          "SELECT id, bikeId, checklistHash, state, openedBy, openedAt, signedBy, signedAt, complete FROM bike_check WHERE bikeId IN (?) AND repairId IS NULL AND amends IS NULL AND (state = 'open' OR (state = 'signed' AND signedAt >= ?)) ORDER BY COALESCE(signedAt, '9999-01-01'), openedAt, id",
          [bikeIds, since],
        );
  const paces = await tx.query<PaceRow[]>(
    "SELECT * FROM (SELECT b.siteId, c.checklistHash, c.signedBy AS `by`, c.openedAt, c.signedAt, ROW_NUMBER() OVER (PARTITION BY b.siteId, c.checklistHash ORDER BY c.signedAt DESC) AS place FROM bike_check c JOIN bike b ON b.id = c.bikeId WHERE c.state = 'signed' AND c.amends IS NULL AND c.signedAt >= ?) AS lately WHERE place <= ? ORDER BY signedAt DESC",
    [new Date(now - PACE_DAYS * DAY_MS), PACE_CHECKS],
  );
  const marked = await markedIn(
    tx,
    checks.map((row) => row.id),
  );
  return { checklists, zones: new Map(sites.map((site) => [site.id, site.timeZone])), checks, marked, paces };
}

function looksOf(
  round: RoundRow,
  { zones, checks, marked }: Sources,
  hashes: ReadonlySet<string>,
  clears: boolean,
): RoundLook[] {
  // A ride-out begun on an earlier day says nothing of this round; a season's work does.
  const openSince = clears ? startOfSiteDay(round.madeAt.getTime(), zones.get(round.siteId) ?? 'UTC') : 0;
  const until = round.closedAt?.getTime() ?? NEVER_CLOSED;
  const bikes = new Set(round.bikeIds);
  const rows = checks.filter(({ bikeId, checklistHash, state, openedAt, signedAt }) => {
    if (!bikes.has(bikeId) || !hashes.has(checklistHash)) return false;
    if (state === 'open') return openedAt.getTime() >= openSince;
    return signedAt !== null && signedAt >= round.madeAt && signedAt.getTime() <= until;
  });
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

/** Minutes a bike at this site lately, on the checklists of the round. */
function paceOf(round: RoundRow, { paces }: Sources, hashes: ReadonlySet<string>): number[] {
  const own = paces
    .filter((row) => row.siteId === round.siteId && hashes.has(row.checklistHash))
    .slice(0, PACE_CHECKS);
  return [
    ...minutesEach(
      own.map((row) => ({ by: row.by, openedAt: row.openedAt.getTime(), signedAt: row.signedAt.getTime() })),
    ),
  ];
}

/** Rounds as the interface tells them, in the order given. */
export async function describeRounds(
  tx: EntityManager,
  rounds: readonly RoundRow[],
  now: number,
): Promise<Round[]> {
  if (rounds.length === 0) return [];
  const sources = await sourcesOf(tx, rounds, now);
  const described: Round[] = [];
  for (const round of rounds) {
    const checklists = await checklistsOf(tx, sources.checklists, round.checklistKey);
    const hashes = new Set(checklists.map((each) => each.hash));
    const clears = round.checklistKey === null || Boolean(checklists[0]?.clears);
    described.push({
      ...round,
      bikeIds: [...round.bikeIds],
      people: [...round.people],
      undone: round.undone.map((each) => ({ ...each })),
      deadline: round.deadline.getTime(),
      madeAt: round.madeAt.getTime(),
      closedAt: round.closedAt?.getTime() ?? null,
      looks: looksOf(round, sources, hashes, clears),
      minutes: paceOf(round, sources, hashes),
    });
  }
  return described;
}

export async function standingRounds(tx: EntityManager): Promise<StandingRoundRow[]> {
  return tx.getRepository(standingRoundEntity).find({ order: { doneBy: 'ASC', id: 'ASC' } });
}

/** The rounds that are on, and those closed lately. */
export async function roundsAround(tx: EntityManager, now: number): Promise<RoundRow[]> {
  const open = await tx
    .getRepository(roundEntity)
    .find({ where: { state: 'open' }, order: { deadline: 'ASC', id: 'ASC' } });
  const ids = (
    await tx.query<
      {
        id: string;
      }[]
    >("SELECT id FROM round WHERE state = 'closed' AND closedAt >= ? ORDER BY closedAt DESC LIMIT 20", [
      new Date(now - DAY_MS),
    ])
  ).map((row) => row.id);
  const closed =
    ids.length === 0
      ? []
      : await tx.getRepository(roundEntity).find({ where: { id: In(ids) }, order: { closedAt: 'DESC' } });
  return [...open, ...closed];
}
