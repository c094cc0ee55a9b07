import { In, IsNull, Not, type EntityManager } from 'typeorm';
import { askedOf, askedKey, DEFAULT_POLICY } from '@cadre/core/catalogue';
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
import { checkEntity, markEntity, type CheckRow, type MarkRow } from '@cadre/server/checks/entities';
import { fittedOf } from '@cadre/server/fleet';
import { measuredStandings } from './measured-standings';
import { openIntakeOf } from './intake-rows';
import { mishapsOf } from './mishap-rows';
import { waitsOf } from './wait-rows';
import { findingEntity, holdEntity, type FindingRow } from '@cadre/server/findings/entities';
import { bikeEntity, bikeStateEntity, type BikeRow } from '@cadre/server/fleet/entities';
import { leftApartEntity, repairEntity } from '@cadre/server/repairs/entities';

/** The finding with what its columns know better than its document. */
export function findingOf(row: FindingRow): Finding {
  return { ...row.finding, state: row.state, severity: row.severity, outingsUsed: row.outingsUsed };
}

export function markOf(row: MarkRow): Mark {
  const { checkId: _checkId, at, reading, ...rest } = row;
  return { ...rest, at: at.getTime(), ...(reading ? { reading } : {}) };
}

async function draftStopsOf(tx: EntityManager, bike: BikeRow, open: readonly CheckRow[]): Promise<DraftStop[]> {
  const stops: DraftStop[] = [];
  for (const check of open) {
    const marks = await tx.getRepository(markEntity).find({ where: { checkId: check.id } });
    const measured = marks.some((mark) => mark.reading);
    if (!measured && !marks.some((mark) => mark.word === 'fault' || mark.word === 'watch')) continue;
    const { sheet } = await sheetByHash(tx, check.sheetHash);
    const asked = askedOf(sheet, await fittedOf(tx, bike));
    const folded = foldMarks(marks.map(markOf));
    // A stop that was marked stays one, whatever the bike was built into meanwhile.
    const questions = [...asked, ...markedUnasked(sheet, asked, folded)];
    const standings = measured ? await measuredStandings(tx, bike, sheet, questions, folded, (await currentPolicy(tx)).policy) : folded;
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

/** What was signed of this bike, by version of sheet: a handful of rows however many checks there were. */
async function signedHistory(tx: EntityManager, bikeId: string): Promise<SheetHistory[]> {
  // A re-look is not among them: it gives no validity and takes none.
  const rows = (await tx.query(
    "SELECT sheetHash, MAX(IF(complete = 1, signedAt, NULL)) AS lastComplete, MAX(IF(complete = 1, NULL, signedAt)) AS lastIncomplete FROM bike_check WHERE bikeId = ? AND state = 'signed' AND repairId IS NULL AND amends IS NULL GROUP BY sheetHash",
    [bikeId],
  )) as { sheetHash: string; lastComplete: Date | null; lastIncomplete: Date | null }[];
  const histories: SheetHistory[] = [];
  for (const { sheetHash, lastComplete, lastIncomplete } of rows) {
    const { sheet } = await sheetByHash(tx, sheetHash);
    histories.push({
      sheetHash,
      sheetKey: sheet.key,
      clears: sheet.clears,
      afterRideOut: sheet.afterRideOut ?? false,
      lastComplete: lastComplete?.getTime() ?? null,
      lastIncomplete: lastIncomplete?.getTime() ?? null,
    });
  }
  return histories;
}

async function newestCheckOf(tx: EntityManager, bikeId: string): Promise<NewestCheck | null> {
  const standing = standingCheck(await signedHistory(tx, bikeId));
  if (!standing) return null;
  const { sheetHash, complete } = standing;
  const signedAt = new Date(standing.signedAt);
  const check = await tx
    .getRepository(checkEntity)
    .findOneOrFail({ where: { bikeId, sheetHash, signedAt, complete, state: 'signed', repairId: IsNull(), amends: IsNull() }, order: { id: 'ASC' } });
  const { sheet } = await sheetByHash(tx, sheetHash);
  return {
    checkId: check.id,
    sheetName: sheet.name,
    signedAt: standing.signedAt,
    complete,
    awaitsCoSign: check.awaitsCoSign,
    criticalsMissing: check.criticalsMissing,
  };
}

async function gatherFacts(tx: EntityManager, bike: BikeRow): Promise<FitnessFacts> {
  const bikeId = bike.id;
  const findings = await tx.getRepository(findingEntity).find({ where: { bikeId, state: Not('closed') } });
  const holds = await tx.getRepository(holdEntity).find({ where: { bikeId, endedAt: IsNull() }, order: { since: 'ASC', id: 'ASC' } });
  const leftApart = await tx.getRepository(leftApartEntity).find({ where: { bikeId, closedAt: IsNull() } });
  const repairs = await tx.getRepository(repairEntity).find({ where: { bikeId, state: In(['started', 'done']) } });
  const checks = await openChecks(tx, bikeId);
  const [{ validUntil }] = (await tx.query(
    "SELECT MAX(validUntil) AS validUntil FROM bike_check WHERE bikeId = ? AND state = 'signed' AND complete = 1 AND awaitsCoSign = 0",
    [bikeId],
  )) as [{ validUntil: Date | null }];
  const intake = await openIntakeOf(tx, bikeId);
  const byId = <T extends { id: string }>(a: T, b: T): number => (a.id < b.id ? -1 : 1);
  return {
    ...NO_FACTS,
    findings: findings.map(findingOf).sort(byId),
    holds: holds.map(({ id, since, hangTag }) => ({ id, since: since.getTime(), ...(hangTag === null ? {} : { hangTag }) })),
    leftApart: leftApart.map(({ id, what, by }) => ({ id, what, by })).sort(byId),
    repairs: repairs.map(({ id, state }) => ({ id, state: state === 'started' ? ('started' as const) : ('done' as const) })).sort(byId),
    draftStops: await draftStopsOf(tx, bike, checks),
    newestCheck: await newestCheckOf(tx, bikeId),
    validUntil: validUntil ? validUntil.getTime() : null,
    waits: await waitsOf(tx, bikeId),
    mishaps: await mishapsOf(tx, bikeId),
    ...(intake ? { intake } : {}),
  };
}

export async function factsOf(tx: EntityManager, bikeId: string): Promise<FitnessFacts> {
  return (await tx.getRepository(bikeStateEntity).findOneByOrFail({ bikeId })).facts;
}

async function keepFacts(tx: EntityManager, bikeId: string, facts: FitnessFacts, now: number): Promise<FitnessFacts> {
  const { nextChangeAt } = evaluateFitness(facts, now);
  await tx
    .getRepository(bikeStateEntity)
    .upsert({ bikeId, facts, nextChangeAt: nextChangeAt === null ? null : new Date(nextChangeAt) } as object, ['bikeId']);
  return facts;
}

/** Gathers a bike's facts again and writes its one row. */
export async function refreshBikeState(tx: EntityManager, bikeId: string, now: number): Promise<FitnessFacts> {
  const bike = await tx.getRepository(bikeEntity).findOneByOrFail({ id: bikeId });
  return keepFacts(tx, bikeId, await gatherFacts(tx, bike), now);
}

async function openChecks(tx: EntityManager, bikeId: string): Promise<CheckRow[]> {
  return tx.getRepository(checkEntity).find({ where: { bikeId, state: 'open', repairId: IsNull() } });
}

/** The same for a mark, which can change nothing but the stops of the check it was given in: the commonest act of all. */
export async function refreshDraftStops(tx: EntityManager, bikeId: string, before: FitnessFacts, now: number): Promise<FitnessFacts> {
  const bike = await tx.getRepository(bikeEntity).findOneByOrFail({ id: bikeId });
  const draftStops = await draftStopsOf(tx, bike, await openChecks(tx, bikeId));
  if (draftStops.length === 0 && before.draftStops.length === 0) return before;
  return keepFacts(tx, bikeId, { ...before, draftStops }, now);
}
