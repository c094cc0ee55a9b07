import { MoreThan } from 'typeorm';
import type { BikeRule } from '@cadre/core/rounds';
import { nextOpenDay, siteClock, siteDay, siteTimeOn } from '@cadre/core/schedule';
import type { Projections } from '@cadre/server/platform/event-log';
import { siteEntity, type FleetEvents } from '@cadre/server/fleet';
import { roundEntity, standingRoundEntity } from './entities';

export interface RoundDocument {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly checklistKey: string | null;
  readonly bikeIds: readonly string[];
  readonly people: readonly string[];
  readonly deadline: number;
  readonly standingId: string | null;
}

export interface StandingRoundDocument {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly checklistKey: string | null;
  readonly rule: BikeRule;
  readonly people: readonly string[];
  readonly doneBy: string;
  readonly active: boolean;
}

export interface RoundEvents {
  'round.made': { round: RoundDocument };
  'round.changed': {
    roundId: string;
    name: string;
    bikeIds: readonly string[];
    people: readonly string[];
    deadline: number;
  };
  'round.closed': { roundId: string; undone: readonly { bikeId: string; why: string }[] };
  'standing-round.set': { standing: StandingRoundDocument };
}

/** A deadline on a day the site stays closed moves to the same time of the next day it opens. */
export const roundListens: Pick<Projections<FleetEvents>, 'site.opening-set'> = {
  async 'site.opening-set'(tx, { body: { siteId, opening }, happenedAt }) {
    const site = await tx.getRepository(siteEntity).findOneByOrFail({ id: siteId });
    const open = await tx
      .getRepository(roundEntity)
      .find({ where: { siteId, state: 'open', deadline: MoreThan(new Date(happenedAt)) } });
    for (const { id, deadline } of open) {
      const at = deadline.getTime();
      const day = siteDay(at, site.timeZone);
      const openDay = nextOpenDay({ opensAt: site.opensAt, opening }, day);
      if (openDay === null || openDay === day) continue;
      const moved = siteTimeOn(openDay, site.timeZone, siteClock(at, site.timeZone));
      await tx.getRepository(roundEntity).update({ id }, { deadline: new Date(moved), ...next });
    }
  },
};

const next = { version: () => 'version + 1' };

export const roundProjections: Projections<RoundEvents> = {
  async 'round.made'(tx, { body: { round }, author, happenedAt }) {
    await tx.getRepository(roundEntity).insert({
      ...round,
      deadline: new Date(round.deadline),
      ...{ madeBy: author, madeAt: new Date(happenedAt), state: 'open', undone: [], version: 1 },
    });
  },
  async 'round.changed'(tx, { body: { roundId: id, deadline, ...rest } }) {
    await tx.getRepository(roundEntity).update({ id }, { ...rest, deadline: new Date(deadline), ...next });
  },
  async 'round.closed'(tx, { body: { roundId: id, undone }, author, happenedAt }) {
    const closed = { state: 'closed', closedBy: author, closedAt: new Date(happenedAt), undone };
    await tx.getRepository(roundEntity).update({ id }, { ...closed, ...next } as object);
  },
  async 'standing-round.set'(tx, { body: { standing } }) {
    const rounds = tx.getRepository(standingRoundEntity);
    const { id, ...rest } = standing;
    if (await rounds.existsBy({ id })) await rounds.update({ id }, { ...rest, ...next });
    else await rounds.insert({ ...standing, version: 1 });
  },
};
