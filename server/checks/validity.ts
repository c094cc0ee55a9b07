import { In, MoreThan, type EntityManager } from 'typeorm';
import {
  standingCheck,
  type FitnessFacts,
  type NewestCheck,
  type ChecklistHistory,
} from '@cadre/core/fitness';
import { checklistByHash } from '@cadre/server/catalogue';
import type { FactSource } from '@cadre/server/fitness';
import { RefusedError, type StoredEvent } from '@cadre/server/platform/event-log';
import { bikeDisturbedEntity, checkEntity } from './entities';

/** A bike is not what was looked at any more, or was ridden: what was signed counts until then, and what arrives later and was signed before does too. */
export async function disturb(
  tx: EntityManager,
  bikeIds: readonly string[],
  recordedAt: number,
): Promise<void> {
  if (bikeIds.length === 0) return;
  const at = new Date(recordedAt);
  await tx.getRepository(bikeDisturbedEntity).upsert(
    bikeIds.map((bikeId) => ({ bikeId, at })),
    ['bikeId'],
  );
}

/** What was checked no longer counts: the bike is not what was looked at. */
export async function endValidity(
  tx: EntityManager,
  bikeIds: readonly string[],
  { happenedAt, recordedAt }: Pick<StoredEvent, 'happenedAt' | 'recordedAt'>,
): Promise<void> {
  if (bikeIds.length === 0) return;
  const at = new Date(happenedAt);
  await disturb(tx, bikeIds, recordedAt);
  await tx
    .getRepository(checkEntity)
    .update({ bikeId: In([...bikeIds]), validUntil: MoreThan(at) }, { validUntil: at, voided: true });
}

interface Circumstances {
  readonly timeZone: string;
  /** When another version of the checklist was published, if one was. */
  readonly supersededAt: number | null;
  /** When the bike last stopped being what was looked at, by the server's clock. */
  readonly disturbedAt: number;
}

/** What the validity of a check signed now depends on besides the check. */
export async function circumstancesOf(
  tx: EntityManager,
  bike: { readonly id: string; readonly siteId: string },
  checklist: { readonly key: string; readonly version: number },
): Promise<Circumstances> {
  const [row] = await tx.query<{ timeZone: string; at: Date | null; supersededAt: Date | null }[]>(
    'SELECT s.timeZone, d.at, (SELECT MIN(v.publishedAt) FROM checklist_version v WHERE v.`key` = ? AND v.version > ?) AS supersededAt FROM site s LEFT JOIN bike_disturbed d ON d.bikeId = ? WHERE s.id = ?',
    [checklist.key, checklist.version, bike.id, bike.siteId],
  );
  if (!row) throw new RefusedError('not-found', { what: 'site' });
  return {
    timeZone: row.timeZone,
    supersededAt: row.supersededAt?.getTime() ?? null,
    disturbedAt: row.at?.getTime() ?? 0,
  };
}

/** The newest of what was signed of this bike: a row each for complete and incomplete checks on each version of a checklist, however many there were. */
interface NewestRow {
  readonly id: string;
  readonly checklistHash: string;
  readonly signedAt: Date;
  readonly recordedAt: Date | null;
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
  // Past the mapper, for its window: one statement for history, newest and validity. A recheck is not among them: it gives no validity and takes none.
  const rows = await tx.query<NewestRow[]>(
    "SELECT * FROM (SELECT id, checklistHash, signedAt, recordedAt, complete, awaitsCoSign, criticalsMissing, ROW_NUMBER() OVER (PARTITION BY checklistHash, complete = 1 ORDER BY IF(complete = 1, signedAt, recordedAt) DESC, id) AS place, MAX(IF(complete = 1 AND awaitsCoSign = 0, validUntil, NULL)) OVER () AS validUntil FROM bike_check WHERE bikeId = ? AND state = 'signed' AND repairId IS NULL AND amends IS NULL) AS signed WHERE place = 1",
    [bikeId],
  );
  const histories = new Map<string, ChecklistHistory>();
  for (const row of rows) {
    const { checklist } = await checklistByHash(tx, row.checklistHash);
    const known = histories.get(row.checklistHash) ?? {
      ...{
        checklistHash: row.checklistHash,
        checklistKey: checklist.key,
        clears: checklist.clears,
        afterRideOut: checklist.afterRideOut ?? false,
      },
      ...{ lastComplete: null, lastIncomplete: null },
    };
    // A whole check counts from when it was signed, an incomplete one until something was signed after it had arrived: neither is dated away.
    const at = (row.complete ? row.signedAt : (row.recordedAt ?? row.signedAt)).getTime();
    histories.set(
      row.checklistHash,
      row.complete ? { ...known, lastComplete: at } : { ...known, lastIncomplete: at },
    );
  }
  const standing = standingCheck([...histories.values()]);
  const check = rows.find(
    (row) => row.checklistHash === standing?.checklistHash && Boolean(row.complete) === standing.complete,
  );
  const validUntil = rows[0]?.validUntil?.getTime() ?? null;
  if (!standing || !check) return { newestCheck: null, validUntil };
  const { checklist } = await checklistByHash(tx, check.checklistHash);
  const newestCheck: NewestCheck = {
    checkId: check.id,
    checklistName: checklist.name,
    signedAt: check.signedAt.getTime(),
    complete: standing.complete,
    awaitsCoSign: Boolean(check.awaitsCoSign),
    criticalsMissing: check.criticalsMissing,
  };
  return { newestCheck, validUntil };
}

export const signedFacts: FactSource = { name: 'signed', gather: signedOf };
