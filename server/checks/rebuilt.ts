import type { EntityManager } from 'typeorm';
import type { FitnessFacts } from '@cadre/core/fitness';
import { factsByBike, gatherFacts, saveFacts } from '@cadre/server/fitness';
import { draftStopFacts } from './draft-stops';

/**
 * Refreshes the facts of bikes built otherwise, in a handful of statements however many they are: until when their checks count, and for
 * the few with a check under way which of its readings are past a limit now.
 */
export async function refreshRebuilt(
  tx: EntityManager,
  of: {
    readonly bikeIds: readonly string[];
    /** Of those, the ones whose checks count no longer. */
    readonly due: ReadonlySet<string>;
    readonly held: readonly string[];
    readonly at: number;
    readonly now: number;
  },
): Promise<void> {
  if (of.bikeIds.length === 0) return;
  const before = await factsByBike(tx, of.bikeIds);
  const changed = new Map<string, FitnessFacts>();
  for (const [bikeId, facts] of before)
    if (of.due.has(bikeId) && facts.validUntil !== null && facts.validUntil > of.at)
      changed.set(bikeId, { ...facts, validUntil: of.at });
  for (const bikeId of of.held) {
    const facts = changed.get(bikeId) ?? before.get(bikeId);
    if (facts) changed.set(bikeId, await gatherFacts(tx, bikeId, [draftStopFacts], facts));
  }
  await saveFacts(tx, changed);
}
