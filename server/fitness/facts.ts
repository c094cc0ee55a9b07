import { In, IsNull, type EntityManager } from 'typeorm';
import { NO_FACTS, type FitnessFacts } from '@cadre/core/fitness';
import { bikeStateEntity, holdEntity, type BikeStateRow } from './entities';
import type { FactSource } from './sources';

/** While a whole record is replayed in a transaction nobody else reads the facts: they are kept here and written once, at its end. */
const inMemory = new WeakMap<EntityManager, Map<string, FitnessFacts>>();

/** Whether a whole record is being replayed: what only its end shows need not be made before. */
export const isReplaying = (tx: EntityManager): boolean => inMemory.has(tx);

export const keepFactsInMemory = (tx: EntityManager): void => void inMemory.set(tx, new Map());

/** Writes what was kept. */
export async function writeKeptFacts(tx: EntityManager): Promise<void> {
  const rows = [...(inMemory.get(tx) ?? [])].map(([bikeId, facts]): BikeStateRow => ({ bikeId, facts }));
  inMemory.delete(tx);
  for (let first = 0; first < rows.length; first += AT_ONCE)
    await tx.getRepository(bikeStateEntity).insert(rows.slice(first, first + AT_ONCE));
}
const AT_ONCE = 500;

/** A bike's facts where it has any yet. */
export async function knownFacts(tx: EntityManager, bikeId: string): Promise<FitnessFacts | null> {
  const kept = inMemory.get(tx);
  if (kept) return kept.get(bikeId) ?? null;
  return (await tx.getRepository(bikeStateEntity).findOneBy({ bikeId }))?.facts ?? null;
}

/** A bike's facts as they stand in its row. */
export async function factsOf(tx: EntityManager, bikeId: string): Promise<FitnessFacts> {
  const facts = await knownFacts(tx, bikeId);
  if (!facts) throw new Error(`bike ${bikeId} has no facts`);
  return facts;
}

/** The facts of several bikes, by bike. */
export async function factsByBike(
  tx: EntityManager,
  bikeIds: readonly string[],
): Promise<ReadonlyMap<string, FitnessFacts>> {
  const kept = inMemory.get(tx);
  if (kept)
    return new Map(
      bikeIds.flatMap((bikeId) => {
        const own = kept.get(bikeId);
        return own ? [[bikeId, own] as const] : [];
      }),
    );
  const states = await tx.getRepository(bikeStateEntity).findBy({ bikeId: In([...bikeIds]) });
  return new Map(states.map(({ bikeId, facts }) => [bikeId, facts]));
}

/** Writes the facts of bikes in one statement. */
export async function saveFacts(tx: EntityManager, facts: ReadonlyMap<string, FitnessFacts>): Promise<void> {
  if (facts.size === 0) return;
  const kept = inMemory.get(tx);
  if (kept) for (const [bikeId, own] of facts) kept.set(bikeId, own);
  else
    await tx.getRepository(bikeStateEntity).upsert(
      [...facts].map(([bikeId, own]): BikeStateRow => ({ bikeId, facts: own })),
      ['bikeId'],
    );
}

/** The facts of bikes just added: nothing stands against a bike that nobody has touched. */
export async function addFacts(tx: EntityManager, bikeIds: readonly string[]): Promise<void> {
  const kept = inMemory.get(tx);
  if (kept) for (const bikeId of bikeIds) kept.set(bikeId, NO_FACTS);
  else await tx.getRepository(bikeStateEntity).insert(bikeIds.map((bikeId) => ({ bikeId, facts: NO_FACTS })));
}

/** What these sources know of a bike, over what was known before. */
export async function gatherFacts(
  tx: EntityManager,
  bikeId: string,
  sources: readonly FactSource[],
  before: FitnessFacts = NO_FACTS,
): Promise<FitnessFacts> {
  let facts = before;
  for (const source of sources) facts = { ...facts, ...(await source.gather(tx, bikeId)) };
  return facts;
}

/** The stop that was marked is taken back: the hold ends that was there for it alone. The one exception to "only a release". */
export async function endDraftHold(tx: EntityManager, bikeId: string, now: number): Promise<void> {
  await tx
    .getRepository(holdEntity)
    .update({ bikeId, endedAt: IsNull(), draft: true }, { endedAt: new Date(now) });
}

export const holdFacts: FactSource = {
  name: 'holds',
  async gather(tx, bikeId) {
    const holds = await tx
      .getRepository(holdEntity)
      .find({ where: { bikeId, endedAt: IsNull() }, order: { since: 'ASC', id: 'ASC' } });
    return {
      holds: holds.map(({ id, since, hangTag, draft }) => ({
        id,
        since: since.getTime(),
        ...(hangTag === null ? {} : { hangTag }),
        ...(draft ? { draft: true as const } : {}),
      })),
    };
  },
};
