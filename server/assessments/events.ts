import type { FactSource } from '@cadre/server/fitness';
import type { Projections } from '@cadre/server/platform/event-log';
import { assessmentEntity } from './entities';

export interface AssessmentEvents {
  'assessment.opened': { bikeId: string; assessmentId: string; from: string; asking: number; worth: number };
  'assessment.priced': {
    bikeId: string;
    assessmentId: string;
    asking: number;
    worth: number;
    prices: readonly { findingId: string; parts: number; minutes: number }[];
  };
  'assessment.decided': { bikeId: string; assessmentId: string; accept: boolean; reason: string };
}

export const assessmentProjections: Projections<AssessmentEvents> = {
  async 'assessment.opened'(
    tx,
    { body: { assessmentId: id, bikeId, from, asking, worth }, author, happenedAt },
  ) {
    await tx.getRepository(assessmentEntity).insert({
      ...{ id, bikeId, from, asking, worth, prices: [], state: 'open' as const, reason: '' },
      ...{ openedBy: author ?? '', openedAt: new Date(happenedAt), decidedBy: null, decidedAt: null },
    });
  },
  async 'assessment.priced'(tx, { body: { assessmentId: id, asking, worth, prices } }) {
    await tx.getRepository(assessmentEntity).update({ id }, { asking, worth, prices: [...prices] });
  },
  async 'assessment.decided'(tx, { body: { assessmentId: id, accept, reason }, author, happenedAt }) {
    const state = accept ? 'accepted' : 'declined';
    await tx
      .getRepository(assessmentEntity)
      .update({ id }, { state, reason, decidedBy: author ?? '', decidedAt: new Date(happenedAt) });
  },
};

/** The assessment nobody has decided yet: the bike is on offer, not of the fleet. */
export const assessmentFacts: FactSource = {
  name: 'assessment',
  async gather(tx, bikeId) {
    const row = await tx
      .getRepository(assessmentEntity)
      .findOne({ where: { bikeId, state: 'open' }, order: { id: 'ASC' } });
    return row ? { assessment: { id: row.id } } : {};
  },
};
