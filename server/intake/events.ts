import type { FactSource } from '@cadre/server/fitness';
import type { Projections } from '@cadre/server/platform/event-log';
import { intakeEntity } from './entities';

export interface IntakeEvents {
  'intake.opened': { bikeId: string; intakeId: string; from: string; asking: number; worth: number };
  'intake.priced': {
    bikeId: string;
    intakeId: string;
    asking: number;
    worth: number;
    prices: readonly { findingId: string; parts: number; minutes: number }[];
  };
  'intake.decided': { bikeId: string; intakeId: string; accept: boolean; reason: string };
}

export const intakeProjections: Projections<IntakeEvents> = {
  async 'intake.opened'(tx, { body: { intakeId: id, bikeId, from, asking, worth }, author, happenedAt }) {
    await tx.getRepository(intakeEntity).insert({
      ...{ id, bikeId, from, asking, worth, prices: [], state: 'open' as const, reason: '' },
      ...{ openedBy: author ?? '', openedAt: new Date(happenedAt), decidedBy: null, decidedAt: null },
    });
  },
  async 'intake.priced'(tx, { body: { intakeId: id, asking, worth, prices } }) {
    await tx.getRepository(intakeEntity).update({ id }, { asking, worth, prices: [...prices] });
  },
  async 'intake.decided'(tx, { body: { intakeId: id, accept, reason }, author, happenedAt }) {
    const state = accept ? 'accepted' : 'declined';
    await tx
      .getRepository(intakeEntity)
      .update({ id }, { state, reason, decidedBy: author ?? '', decidedAt: new Date(happenedAt) });
  },
};

/** The intake nobody has decided yet: the bike is on offer, not of the fleet. */
export const intakeFacts: FactSource = {
  name: 'intake',
  async gather(tx, bikeId) {
    const row = await tx
      .getRepository(intakeEntity)
      .findOne({ where: { bikeId, state: 'open' }, order: { id: 'ASC' } });
    return row ? { intake: { id: row.id } } : {};
  },
};
