import { In, MoreThan, type EntityManager } from 'typeorm';
import type { EventPrep } from '@cadre/contract/event-prep';
import { DAY_MS } from '@cadre/core/time';
import { RefusedError } from '@cadre/server/platform/event-log';
import { roundEntity } from '@cadre/server/rounds';
import { eventPrepEntity, type EventPrepRow } from './entities';

/** Events to come, and the one that is on today. */
export async function comingEvents(tx: EntityManager, now: number): Promise<EventPrepRow[]> {
  return tx.getRepository(eventPrepEntity).find({
    where: { calledOff: false, startsAt: MoreThan(new Date(now - DAY_MS)) },
    order: { startsAt: 'ASC', id: 'ASC' },
  });
}

export async function findEvent(tx: EntityManager, id: string): Promise<EventPrepRow> {
  const row = await tx.getRepository(eventPrepEntity).findOneBy({ id, calledOff: false });
  if (!row) throw new RefusedError('not-found', { what: 'event' });
  return row;
}

/** Events as the interface tells them: each step with how far its round is. */
export async function describeEvents(
  tx: EntityManager,
  events: readonly EventPrepRow[],
): Promise<EventPrep[]> {
  const rounds = await tx
    .getRepository(roundEntity)
    .findBy({ id: In(events.flatMap((event) => event.steps.map((step) => step.roundId))) });
  const states = new Map(rounds.map((round) => [round.id, round.state]));
  return events.map(({ calledOff: _calledOff, ...event }) => ({
    ...event,
    startsAt: event.startsAt.getTime(),
    bikeIds: [...event.bikeIds],
    people: [...event.people],
    steps: event.steps.map((step) => ({ ...step, state: states.get(step.roundId) ?? 'coming' })),
  }));
}
