import { In, type EntityManager } from 'typeorm';
import type { listLooks, listServices, findChecks, CheckSummary } from '@cadre/contract/checks';
import type { AnswerOf } from '@cadre/contract/http';
import type { CheckExposure } from '@cadre/core/exposure';
import { resolveMarks, lastLooks } from '@cadre/core/checks';
import { checklistByHash } from '@cadre/server/catalogue';
import { findBike } from '@cadre/server/fleet';
import { exposuresNow } from './exposure';
import { markOf } from './rows';
import { checkEntity, markEntity, type CheckRow, type MarkRow } from './entities';

/** So many signed checks back hold the last look at nearly everything: a ride-out a day and the season's work. */
const CHECKS_BACK = 12;

async function marksByCheck(
  tx: EntityManager,
  checks: readonly { readonly id: string }[],
): Promise<ReadonlyMap<string, readonly MarkRow[]>> {
  const byCheck = new Map<string, MarkRow[]>();
  if (checks.length === 0) return byCheck;
  const rows = await tx
    .getRepository(markEntity)
    .find({ where: { checkId: In(checks.map((check) => check.id)) }, order: { at: 'ASC', id: 'ASC' } });
  for (const row of rows) byCheck.set(row.checkId, [...(byCheck.get(row.checkId) ?? []), row]);
  return byCheck;
}

/** What the last signed checks of a bike found, question by question. */
export async function lookedAt(
  tx: EntityManager,
  bikeId: string,
): Promise<AnswerOf<typeof listLooks>['looks']> {
  await findBike(tx, bikeId);
  const checks = await tx
    .getRepository(checkEntity)
    .find({ where: { bikeId, state: 'signed' }, order: { signedAt: 'DESC', id: 'DESC' }, take: CHECKS_BACK });
  const marks = await marksByCheck(tx, checks);
  const signed = checks.map((check) => ({
    signedAt: check.signedAt?.getTime() ?? 0,
    marks: (marks.get(check.id) ?? []).map(markOf),
  }));
  return lastLooks(signed);
}

/** The open checks of these bikes on these checklists, with everything marked so far. */
export async function openChecksOf(
  tx: EntityManager,
  bikeIds: readonly string[],
  checklistKeys: readonly string[],
  now: number,
): Promise<AnswerOf<typeof findChecks>['checks']> {
  const rows = await tx.query<
    (Pick<CheckRow, 'id' | 'bikeId' | 'checklistHash' | 'openedBy' | 'openedAt'> & {
      checklistKey: string;
      exposure: string | null;
    })[]
  >(
    "SELECT c.id, c.bikeId, c.checklistHash, c.openedBy, c.openedAt, c.exposure, v.`key` AS checklistKey FROM bike_check c JOIN checklist_version v ON v.hash = c.checklistHash WHERE c.bikeId IN (?) AND c.state = 'open' AND c.repairId IS NULL AND v.`key` IN (?) ORDER BY c.openedAt, c.id",
    [bikeIds, checklistKeys],
  );
  const marks = await marksByCheck(tx, rows);
  const begun = rows.map((row) => ({
    ...row,
    state: 'open' as const,
    exposure: row.exposure === null ? null : (JSON.parse(row.exposure) as CheckExposure),
  }));
  const exposures = await exposuresNow(tx, begun, now);
  return rows.map((row) => ({
    ...row,
    openedAt: row.openedAt.getTime(),
    exposure: exposures.get(row.id) ?? null,
    marks: (marks.get(row.id) ?? []).map(markOf),
  }));
}

interface ServiceRow {
  readonly checklistHash: string;
  readonly at: Date;
  readonly times: string;
}

/** When a bike was last looked over whole by each checklist, the newest first: a row a version of a checklist, however many checks there were. */
export async function servicesOf(
  tx: EntityManager,
  bikeId: string,
): Promise<AnswerOf<typeof listServices>['services']> {
  await findBike(tx, bikeId);
  const rows = await tx.query<ServiceRow[]>(
    "SELECT checklistHash, MAX(signedAt) AS at, COUNT(*) AS times FROM bike_check WHERE bikeId = ? AND state = 'signed' AND complete = 1 AND repairId IS NULL AND amends IS NULL AND awaitsCoSign = 0 GROUP BY checklistHash",
    [bikeId],
  );
  const byChecklist = new Map<string, { row: ServiceRow; name: string; clears: boolean; times: number }>();
  for (const row of rows) {
    const { checklist } = await checklistByHash(tx, row.checklistHash);
    const known = byChecklist.get(checklist.key);
    const newer =
      !known || row.at > known.row.at ? { row, name: checklist.name, clears: checklist.clears } : known;
    byChecklist.set(checklist.key, { ...newer, times: (known?.times ?? 0) + Number(row.times) });
  }
  const services = [];
  for (const [checklistKey, { row, name, clears, times }] of byChecklist) {
    const check = await tx.getRepository(checkEntity).findOneByOrFail({
      bikeId,
      checklistHash: row.checklistHash,
      signedAt: row.at,
      complete: true,
      state: 'signed',
    });
    services.push({
      checklistKey,
      checklistName: name,
      clears,
      checkId: check.id,
      at: row.at.getTime(),
      by: check.signedBy ?? '',
      times,
    });
  }
  return services.sort((a, b) => b.at - a.at);
}

/** The newest checks of a bike, the open ones first. */
export async function checksOf(tx: EntityManager, bikeId: string, most: number): Promise<CheckSummary[]> {
  await findBike(tx, bikeId);
  const order = { openedAt: 'DESC', id: 'DESC' } as const;
  const open = await tx.getRepository(checkEntity).find({ where: { bikeId, state: 'open' }, order });
  const signed = await tx
    .getRepository(checkEntity)
    .find({ where: { bikeId, state: 'signed' }, order: { signedAt: 'DESC', id: 'DESC' }, take: most });
  const checks = [...open, ...signed].slice(0, most);
  const marks = await marksByCheck(tx, checks);
  const summaries: CheckSummary[] = [];
  for (const check of checks) {
    const { checklist } = await checklistByHash(tx, check.checklistHash);
    summaries.push({
      id: check.id,
      checklistKey: checklist.key,
      checklistName: checklist.name,
      state: check.state,
      openedBy: check.openedBy,
      openedAt: check.openedAt.getTime(),
      signedBy: check.signedBy,
      signedAt: check.signedAt?.getTime() ?? null,
      complete: check.complete,
      hasty: check.hasty,
      clears: checklist.clears,
      repairId: check.repairId,
      amends: check.amends,
      marked: resolveMarks((marks.get(check.id) ?? []).map(markOf)).size,
    });
  }
  return summaries;
}
