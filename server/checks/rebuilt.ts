import type { EntityManager } from 'typeorm';
import { NO_FACTS, type FitnessFacts } from '@cadre/core/fitness';
import { factsByBike, gatherFacts, saveFacts } from '@cadre/server/fitness';
import { draftStopFacts } from './draft-stops';

/**
 * Refreshes the facts of bikes built otherwise, in a handful of statements however many they are: what that changes is until when their
 * checks count, and for the few with a check under way what its marks mean.
 */
export async function refreshRebuilt(
  tx: EntityManager,
  bikeIds: readonly string[],
  due: ReadonlySet<string>,
  at: number,
  now: number,
): Promise<void> {
  if (bikeIds.length === 0) return;
  const before = await factsByBike(tx, bikeIds);
  const changed = new Map<string, FitnessFacts>();
  for (const [bikeId, facts] of before)
    if (due.has(bikeId) && facts.validUntil !== null && facts.validUntil > at)
      changed.set(bikeId, { ...facts, validUntil: at });
  const underWay = await tx.query<{ bikeId: string }[]>(
    "SELECT DISTINCT c.bikeId FROM bike_check c JOIN mark m ON m.checkId = c.id WHERE c.bikeId IN (?) AND c.state = 'open' AND c.repairId IS NULL AND (m.reading IS NOT NULL OR m.outcome IN ('fail', 'watch'))",
    [bikeIds],
  );
  for (const { bikeId } of underWay) {
    const facts = changed.get(bikeId) ?? before.get(bikeId) ?? NO_FACTS;
    changed.set(bikeId, await gatherFacts(tx, bikeId, [draftStopFacts], facts));
  }
  await saveFacts(tx, changed, now);
}
