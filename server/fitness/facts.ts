import { In, IsNull, type EntityManager } from 'typeorm';
import { evaluateFitness, NO_FACTS, type FitnessFacts } from '@cadre/core/fitness';
import { bikeStateEntity, holdEntity } from './entities';
import type { FactSource } from './sources';

/** A bike's facts as they stand in its row. */
export async function factsOf(tx: EntityManager, bikeId: string): Promise<FitnessFacts> {
  return (await tx.getRepository(bikeStateEntity).findOneByOrFail({ bikeId })).facts;
}

/** The facts of several bikes, by bike. */
export async function factsByBike(
  tx: EntityManager,
  bikeIds: readonly string[],
): Promise<ReadonlyMap<string, FitnessFacts>> {
  const states = await tx.getRepository(bikeStateEntity).findBy({ bikeId: In([...bikeIds]) });
  return new Map(states.map(({ bikeId, facts }) => [bikeId, facts]));
}

/** Writes the facts of bikes in one statement, each with when the clock alone may change its fitness next. */
export async function saveFacts(
  tx: EntityManager,
  facts: ReadonlyMap<string, FitnessFacts>,
  now: number,
): Promise<void> {
  if (facts.size === 0) return;
  const rows = [...facts].map(([bikeId, own]) => {
    const { nextChangeAt } = evaluateFitness(own, now);
    return { bikeId, facts: own, nextChangeAt: nextChangeAt === null ? null : new Date(nextChangeAt) };
  });
  await tx.getRepository(bikeStateEntity).upsert(rows, ['bikeId']);
}

/** The facts of bikes just added: nothing stands against a bike that nobody has touched. */
export async function addFacts(tx: EntityManager, bikeIds: readonly string[]): Promise<void> {
  await tx
    .getRepository(bikeStateEntity)
    .insert(bikeIds.map((bikeId) => ({ bikeId, facts: NO_FACTS, nextChangeAt: null })));
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
