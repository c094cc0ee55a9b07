import type { EntityManager } from 'typeorm';
import type { EntryBodies, RoundDocument, StandingRoundDocument } from '@cadre/server/records';
import { roundEntity, standingRoundEntity } from '@cadre/server/rounds/entities';

export async function roundMade(
  tx: EntityManager,
  round: RoundDocument,
  madeBy: string | null,
  madeAt: Date,
): Promise<void> {
  await tx
    .getRepository(roundEntity)
    .insert({
      ...round,
      deadline: new Date(round.deadline),
      madeBy,
      madeAt,
      state: 'open',
      undone: [],
      version: 1,
    });
}

export async function roundChanged(tx: EntityManager, body: EntryBodies['round.changed']): Promise<void> {
  const { roundId: id, deadline, ...rest } = body;
  await tx
    .getRepository(roundEntity)
    .update({ id }, { ...rest, deadline: new Date(deadline), version: () => 'version + 1' } as object);
}

export async function roundClosed(
  tx: EntityManager,
  body: EntryBodies['round.closed'],
  closedBy: string | null,
  closedAt: Date,
): Promise<void> {
  await tx
    .getRepository(roundEntity)
    .update({ id: body.roundId }, {
      state: 'closed',
      closedBy,
      closedAt,
      undone: body.undone,
      version: () => 'version + 1',
    } as object);
}

export async function standingRoundSet(tx: EntityManager, standing: StandingRoundDocument): Promise<void> {
  const rounds = tx.getRepository(standingRoundEntity);
  const { id, ...rest } = standing;
  if (await rounds.existsBy({ id }))
    await rounds.update({ id }, { ...rest, version: () => 'version + 1' } as object);
  else await rounds.insert({ ...standing, version: 1 });
}
