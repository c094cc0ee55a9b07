import { In, IsNull, Not, type EntityManager } from 'typeorm';
import { askedOf, askedKey, DEFAULT_POLICY, type Fitted, type FittedPart } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';
import { foldMarks, markedUnasked, type Mark } from '@cadre/core/checks';
import { floorOf, severityOf, type Finding } from '@cadre/core/findings';
import {
  evaluateFitness,
  NO_FACTS,
  standingCheck,
  type DraftStop,
  type FitnessFacts,
  type NewestCheck,
  type SheetHistory,
} from '@cadre/core/fitness';
import { currentPolicy, sheetByHash } from '@cadre/server/catalogue';
import { jsonOf } from '@cadre/server/database';
import type { MarkRow } from '@cadre/server/checks/entities';
import { measuredStandings } from './measured-standings';
import { openIntakeOf } from './intake-rows';
import { mishapsOf } from './mishap-rows';
import { waitsOf } from './wait-rows';
import { findingEntity, holdEntity, type FindingRow } from '@cadre/server/findings/entities';
import { bikeEntity, bikeStateEntity } from '@cadre/server/fleet/entities';
import { leftApartEntity, repairEntity } from '@cadre/server/repairs/entities';

/** The finding with what its columns know better than its document. */
export function findingOf(row: FindingRow): Finding {
  return { ...row.finding, state: row.state, severity: row.severity, outingsUsed: row.outingsUsed };
}

export function markOf(row: MarkRow): Mark {
  const { checkId: _checkId, at, reading, ...rest } = row;
  return { ...rest, at: at.getTime(), ...(reading ? { reading } : {}) };
}

interface OpenCheck {
  readonly id: string;
  readonly sheetHash: string;
  readonly fitted: Fitted;
  readonly marks: readonly MarkRow[];
}
interface OpenRow extends Omit<MarkRow, 'faults' | 'reading'> {
  readonly faults: string;
  readonly reading: string | null;
  readonly sheetHash: string;
  readonly build: string;
  readonly fitted: unknown;
}

/** The checks of a bike that are under way and have marks, with them and with what their questions are asked of. */
async function openChecks(tx: EntityManager, bikeId: string): Promise<readonly OpenCheck[]> {
  // Past the mapper: it follows every batch of marks, and would be four statements.
  const rows = (await tx.query(
    "SELECT m.*, c.sheetHash, b.build, (SELECT JSON_ARRAYAGG(JSON_OBJECT('kind', p.kind, 'position', f.position)) FROM fitment f JOIN part p ON p.id = f.partId WHERE f.bikeId = b.id AND f.removedAt IS NULL) AS fitted FROM bike_check c JOIN mark m ON m.checkId = c.id JOIN bike b ON b.id = c.bikeId WHERE c.bikeId = ? AND c.state = 'open' AND c.repairId IS NULL ORDER BY c.id",
    [bikeId],
  )) as OpenRow[];
  const byCheck = new Map<string, OpenCheck & { marks: MarkRow[] }>();
  for (const { sheetHash, build, fitted, faults, reading, ...mark } of rows) {
    const parts = fitted === null ? [] : jsonOf<FittedPart[]>(fitted);
    const known = byCheck.get(mark.checkId) ?? {
      id: mark.checkId,
      sheetHash,
      fitted: { build: jsonOf<Build>(build), parts },
      marks: [],
    };
    known.marks.push({
      ...mark,
      faults: jsonOf<MarkRow['faults']>(faults),
      reading: reading === null ? null : jsonOf<MarkRow['reading']>(reading),
    });
    byCheck.set(mark.checkId, known);
  }
  return [...byCheck.values()];
}

async function draftStopsOf(tx: EntityManager, bikeId: string): Promise<DraftStop[]> {
  const stops: DraftStop[] = [];
  for (const check of await openChecks(tx, bikeId)) {
    const { marks } = check;
    const measured = marks.some((mark) => mark.reading);
    if (!measured && !marks.some((mark) => mark.word === 'fault' || mark.word === 'watch')) continue;
    const { sheet } = await sheetByHash(tx, check.sheetHash);
    const asked = askedOf(sheet, check.fitted);
    const folded = foldMarks(marks.map(markOf));
    // A stop that was marked stays one, whatever the bike was built into meanwhile.
    const questions = [...asked, ...markedUnasked(sheet, asked, folded)];
    const bike = measured ? await tx.getRepository(bikeEntity).findOneByOrFail({ id: bikeId }) : null;
    const standings = bike
      ? await measuredStandings(tx, bike, sheet, questions, folded, (await currentPolicy(tx)).policy)
      : folded;
    for (const asked of questions) {
      const standing = standings.get(askedKey(asked.checkpoint.key, asked.position));
      for (const marked of standing?.faults ?? []) {
        const fault = asked.checkpoint.faults.find((each) => each.key === marked.fault);
        if (!standing || !fault) continue;
        // The policy matters to what local rules ask for only; most faults need not fetch it.
        const policy = fault.legal ? (await currentPolicy(tx)).policy : DEFAULT_POLICY;
        if (severityOf(standing.outcome, floorOf(fault, policy), marked) === 'stop')
          stops.push({ checkId: check.id, words: `${asked.checkpoint.name}: ${fault.name}` });
      }
    }
  }
  return stops;
}

/** The newest of what was signed of this bike: a row each for complete and incomplete checks on each version of a checklist, however many there were. */
interface NewestRow {
  readonly id: string;
  readonly sheetHash: string;
  readonly signedAt: Date;
  readonly complete: number | null;
  readonly awaitsCoSign: number;
  readonly criticalsMissing: number;
  /** Until when any of them counts. */
  readonly validUntil: Date | null;
}

async function signedOf(
  tx: EntityManager,
  bikeId: string,
): Promise<Pick<FitnessFacts, 'newestCheck' | 'validUntil'>> {
  // Past the mapper, for its window: one statement for history, newest and validity. A re-look is not among them: it gives no validity and takes none.
  const rows = (await tx.query(
    "SELECT * FROM (SELECT id, sheetHash, signedAt, complete, awaitsCoSign, criticalsMissing, ROW_NUMBER() OVER (PARTITION BY sheetHash, complete = 1 ORDER BY signedAt DESC, id) AS place, MAX(IF(complete = 1 AND awaitsCoSign = 0, validUntil, NULL)) OVER () AS validUntil FROM bike_check WHERE bikeId = ? AND state = 'signed' AND repairId IS NULL AND amends IS NULL) AS signed WHERE place = 1",
    [bikeId],
  )) as NewestRow[];
  const histories = new Map<string, SheetHistory>();
  for (const row of rows) {
    const { sheet } = await sheetByHash(tx, row.sheetHash);
    const known = histories.get(row.sheetHash) ?? {
      ...{
        sheetHash: row.sheetHash,
        sheetKey: sheet.key,
        clears: sheet.clears,
        afterRideOut: sheet.afterRideOut ?? false,
      },
      ...{ lastComplete: null, lastIncomplete: null },
    };
    const at = row.signedAt.getTime();
    histories.set(
      row.sheetHash,
      row.complete ? { ...known, lastComplete: at } : { ...known, lastIncomplete: at },
    );
  }
  const standing = standingCheck([...histories.values()]);
  const check = rows.find(
    (row) => row.sheetHash === standing?.sheetHash && Boolean(row.complete) === standing.complete,
  );
  const validUntil = rows[0]?.validUntil?.getTime() ?? null;
  if (!standing || !check) return { newestCheck: null, validUntil };
  const { sheet } = await sheetByHash(tx, check.sheetHash);
  const newestCheck: NewestCheck = {
    checkId: check.id,
    sheetName: sheet.name,
    signedAt: standing.signedAt,
    complete: standing.complete,
    awaitsCoSign: Boolean(check.awaitsCoSign),
    criticalsMissing: check.criticalsMissing,
  };
  return { newestCheck, validUntil };
}

const byId = <T extends { readonly id: string }>(a: T, b: T): number => (a.id < b.id ? -1 : 1);

async function findingsOf(tx: EntityManager, bikeId: string): Promise<FitnessFacts['findings']> {
  return (await tx.getRepository(findingEntity).find({ where: { bikeId, state: Not('closed') } }))
    .map(findingOf)
    .sort(byId);
}

async function repairsOf(tx: EntityManager, bikeId: string): Promise<FitnessFacts['repairs']> {
  const repairs = await tx
    .getRepository(repairEntity)
    .find({ where: { bikeId, state: In(['started', 'done']) } });
  return repairs
    .map(({ id, state }) => ({ id, state: state === 'started' ? ('started' as const) : ('done' as const) }))
    .sort(byId);
}

/** All there is to know of a bike's fitness, from its rows. */
export async function gatherFacts(tx: EntityManager, bikeId: string): Promise<FitnessFacts> {
  const holds = await tx
    .getRepository(holdEntity)
    .find({ where: { bikeId, endedAt: IsNull() }, order: { since: 'ASC', id: 'ASC' } });
  const leftApart = await tx.getRepository(leftApartEntity).find({ where: { bikeId, closedAt: IsNull() } });
  const intake = await openIntakeOf(tx, bikeId);
  return {
    ...NO_FACTS,
    findings: await findingsOf(tx, bikeId),
    holds: holds.map(({ id, since, hangTag }) => ({
      id,
      since: since.getTime(),
      ...(hangTag === null ? {} : { hangTag }),
    })),
    leftApart: leftApart.map(({ id, what, by }) => ({ id, what, by })).sort(byId),
    repairs: await repairsOf(tx, bikeId),
    draftStops: await draftStopsOf(tx, bikeId),
    ...(await signedOf(tx, bikeId)),
    waits: await waitsOf(tx, bikeId),
    mishaps: await mishapsOf(tx, bikeId),
    ...(intake ? { intake } : {}),
  };
}

/** The same after a check was signed: what signing cannot change stays as it was. */
async function factsAfterSigning(
  tx: EntityManager,
  bikeId: string,
  before: FitnessFacts,
): Promise<FitnessFacts> {
  return {
    ...before,
    findings: await findingsOf(tx, bikeId),
    ...(before.repairs.length > 0 ? { repairs: await repairsOf(tx, bikeId) } : {}),
    draftStops: await draftStopsOf(tx, bikeId),
    ...(await signedOf(tx, bikeId)),
    ...(before.mishaps?.length ? { mishaps: await mishapsOf(tx, bikeId) } : {}),
  };
}

export async function factsOf(tx: EntityManager, bikeId: string): Promise<FitnessFacts> {
  return (await tx.getRepository(bikeStateEntity).findOneByOrFail({ bikeId })).facts;
}

async function keepFacts(
  tx: EntityManager,
  bikeId: string,
  facts: FitnessFacts,
  now: number,
): Promise<FitnessFacts> {
  const { nextChangeAt } = evaluateFitness(facts, now);
  await tx
    .getRepository(bikeStateEntity)
    .upsert(
      { bikeId, facts, nextChangeAt: nextChangeAt === null ? null : new Date(nextChangeAt) } as object,
      ['bikeId'],
    );
  return facts;
}

/** Gathers a bike's facts again and writes its one row. */
export async function refreshBikeState(
  tx: EntityManager,
  bikeId: string,
  now: number,
): Promise<FitnessFacts> {
  return keepFacts(tx, bikeId, await gatherFacts(tx, bikeId), now);
}

/** The same after signing. */
export async function refreshSigned(
  tx: EntityManager,
  bikeId: string,
  before: FitnessFacts,
  now: number,
): Promise<FitnessFacts> {
  return keepFacts(tx, bikeId, await factsAfterSigning(tx, bikeId, before), now);
}

/**
 * The same for bikes built otherwise, in a handful of statements however many they are: what that changes is until when their checks count,
 * and for the few with a check under way what its marks mean.
 */
export async function refreshRebuilt(
  tx: EntityManager,
  bikeIds: readonly string[],
  due: ReadonlySet<string>,
  at: number,
  now: number,
): Promise<void> {
  if (bikeIds.length === 0) return;
  const states = await tx.getRepository(bikeStateEntity).findBy({ bikeId: In([...bikeIds]) });
  const facts = new Map(
    states.map(({ bikeId, facts: before }) => {
      const ends = due.has(bikeId) && before.validUntil !== null && before.validUntil > at;
      return [bikeId, ends ? { ...before, validUntil: at } : before] as const;
    }),
  );
  const changed = states.filter((state) => facts.get(state.bikeId) !== state.facts);
  const rows = changed.map(({ bikeId }) => {
    const own = facts.get(bikeId) ?? NO_FACTS;
    const { nextChangeAt } = evaluateFitness(own, now);
    return { bikeId, facts: own, nextChangeAt: nextChangeAt === null ? null : new Date(nextChangeAt) };
  });
  if (rows.length > 0) await tx.getRepository(bikeStateEntity).upsert(rows as object[], ['bikeId']);
  const underWay = (await tx.query(
    "SELECT DISTINCT c.bikeId FROM bike_check c JOIN mark m ON m.checkId = c.id WHERE c.bikeId IN (?) AND c.state = 'open' AND c.repairId IS NULL AND (m.reading IS NOT NULL OR m.word IN ('fault', 'watch'))",
    [bikeIds],
  )) as { bikeId: string }[];
  for (const { bikeId } of underWay) await refreshDraftStops(tx, bikeId, facts.get(bikeId) ?? NO_FACTS, now);
}

/** The same for a mark, which can change nothing but the stops of the check it was given in: the commonest act of all. */
export async function refreshDraftStops(
  tx: EntityManager,
  bikeId: string,
  before: FitnessFacts,
  now: number,
): Promise<FitnessFacts> {
  const draftStops = await draftStopsOf(tx, bikeId);
  if (draftStops.length === 0 && before.draftStops.length === 0) return before;
  return keepFacts(tx, bikeId, { ...before, draftStops }, now);
}
