import { In, MoreThan } from 'typeorm';
import { prepSteps } from '@cadre/core/event-prep';
import { siteEntity, type FleetEvents } from '@cadre/server/fleet';
import type { Projections } from '@cadre/server/platform/event-log';
import { roundEntity } from '@cadre/server/rounds';
import { eventPrepEntity, type PlannedStep } from './entities';

export interface EventPrepDocument {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly startsAt: number;
  readonly bikeIds: readonly string[];
  readonly people: readonly string[];
  readonly steps: readonly PlannedStep[];
}

export interface EventPrepEvents {
  'event-prep.set': { event: EventPrepDocument };
  'event-prep.called-off': { eventId: string };
}

const next = { version: () => 'version + 1' };

export const eventPrepProjections: Projections<EventPrepEvents> = {
  async 'event-prep.set'(tx, { body: { event } }) {
    const events = tx.getRepository(eventPrepEntity);
    const { id, startsAt, ...rest } = event;
    const said = { ...rest, startsAt: new Date(startsAt), calledOff: false };
    if (await events.existsBy({ id })) await events.update({ id }, { ...said, ...next });
    else await events.insert({ id, ...said, version: 1 });
  },
  async 'event-prep.called-off'(tx, { body: { eventId: id } }) {
    await tx.getRepository(eventPrepEntity).update({ id }, { calledOff: true, ...next });
  },
};

/** Other opening days count the steps back to other days; a round that is made already goes with its step. */
export const eventPrepListens: Pick<Projections<FleetEvents>, 'site.opening-set'> = {
  async 'site.opening-set'(tx, { body: { siteId, opening }, happenedAt }) {
    const site = await tx.getRepository(siteEntity).findOneByOrFail({ id: siteId });
    const events = tx.getRepository(eventPrepEntity);
    const coming = { siteId, calledOff: false, startsAt: MoreThan(new Date(happenedAt)) };
    for (const event of await events.find({ where: coming, order: { id: 'ASC' } })) {
      const counted = prepSteps(event.startsAt.getTime(), { ...site, opening }, happenedAt);
      const steps = event.steps.map((step) => {
        const again = counted.find((each) => each.step === step.step);
        return again && step.deadline > happenedAt ? { ...step, ...again } : step;
      });
      await events.update({ id: event.id }, { steps, ...next } as object);
      const rounds = tx.getRepository(roundEntity);
      const made = await rounds.findBy({ id: In(steps.map((step) => step.roundId)), state: 'open' });
      for (const { id } of made) {
        const step = steps.find((each) => each.roundId === id);
        if (step && step.deadline > happenedAt)
          await rounds.update({ id }, { deadline: new Date(step.deadline) });
      }
    }
  },
};
