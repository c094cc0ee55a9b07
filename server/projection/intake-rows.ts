import type { EntityManager } from 'typeorm';
import { intakeEntity } from '@cadre/server/intake/entities';
import type { EntryBodies } from '@cadre/server/records';

export async function intakeOpened(
  tx: EntityManager,
  body: EntryBodies['intake.opened'],
  by: string,
  at: Date,
): Promise<void> {
  const { intakeId: id, bikeId, from, asking, worth } = body;
  await tx.getRepository(intakeEntity).insert({
    ...{ id, bikeId, from, asking, worth, prices: [], state: 'open' as const },
    ...{ reason: '', openedBy: by, openedAt: at, decidedBy: null, decidedAt: null },
  });
}

export async function intakePriced(
  tx: EntityManager,
  { intakeId: id, asking, worth, prices }: EntryBodies['intake.priced'],
): Promise<void> {
  await tx.getRepository(intakeEntity).update({ id }, { asking, worth, prices: [...prices] });
}

export async function intakeDecided(
  tx: EntityManager,
  body: EntryBodies['intake.decided'],
  by: string,
  at: Date,
): Promise<void> {
  const state = body.accept ? 'accepted' : 'declined';
  await tx
    .getRepository(intakeEntity)
    .update({ id: body.intakeId }, { state, reason: body.reason, decidedBy: by, decidedAt: at });
}

/** The intake nobody has decided yet: the bike is on offer, not of the fleet. */
export async function openIntakeOf(tx: EntityManager, bikeId: string): Promise<{ id: string } | null> {
  const row = await tx
    .getRepository(intakeEntity)
    .findOne({ where: { bikeId, state: 'open' }, order: { id: 'ASC' } });
  return row ? { id: row.id } : null;
}
