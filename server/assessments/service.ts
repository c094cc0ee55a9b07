import type { FieldIssue } from '@cadre/core/errors';
import type { DataSource, EntityManager } from 'typeorm';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type {
  decideAssessment,
  Assessment,
  listAssessments,
  openAssessment,
  priceAssessment,
} from '@cadre/contract/assessments';
import {
  describeBike,
  documentOf,
  findBike,
  modelById,
  refuseBike,
  type FleetEvents,
} from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { factsOf } from '@cadre/server/fitness';
import {
  chainOfBikeOf,
  chainOfSentSite,
  RefusedError,
  type EventLog,
} from '@cadre/server/platform/event-log';
import { assessmentEntity, type AssessmentRow } from './entities';
import type { AssessmentEvents } from './events';

const assessmentOf = (row: AssessmentRow): Assessment => ({
  ...row,
  openedAt: row.openedAt.getTime(),
  decidedAt: row.decidedAt?.getTime() ?? null,
});

async function findAssessment(tx: EntityManager, id: string): Promise<AssessmentRow> {
  const row = await tx.getRepository(assessmentEntity).findOneBy({ id });
  if (!row) throw new RefusedError('not-found', { what: 'assessment' });
  return row;
}
async function undecided(tx: EntityManager, id: string): Promise<AssessmentRow> {
  const row = await findAssessment(tx, id);
  if (row.state !== 'open') throw new RefusedError('assessment.decided');
  return row;
}
async function answerOf(tx: EntityManager, id: string): Promise<{ assessment: Assessment; bike: Bike }> {
  const row = await findAssessment(tx, id);
  return { assessment: assessmentOf(row), bike: await describeBike(tx, row.bikeId) };
}

/** Used bikes on offer: held under a tag of the house while they are looked over and priced, then taken or left. */
export class Assessments {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<AssessmentEvents & FleetEvents>,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listAssessments>> {
    requireAct(actor, 'see');
    return {
      assessments: (
        await this.source
          .getRepository(assessmentEntity)
          .find({ order: { openedAt: 'DESC', id: 'ASC' }, take: 200 })
      ).map(assessmentOf),
    };
  }

  async open(actor: Actor, body: BodyOf<typeof openAssessment>): Promise<AnswerOf<typeof openAssessment>> {
    requireAct(actor, 'edit-fleet');
    const { bikeId, from, asking, worth } = body;
    return this.log.act(
      { chain: chainOfSentSite(body.bike.siteId), id: body.id, request: body, author: actor.id },
      async (tx) => {
        const wanted = { ...body.bike, id: bikeId };
        await refuseBike(tx, wanted);
        return [
          {
            kind: 'bike.added' as const,
            body: { bikeId, bike: documentOf(wanted, await modelById(tx, wanted.modelId)) },
            happenedAt: body.at,
          },
          {
            kind: 'assessment.opened' as const,
            body: { bikeId, assessmentId: body.id, from, asking, worth },
            happenedAt: body.at,
          },
        ];
      },
      (tx) => answerOf(tx, body.id),
    );
  }

  async price(
    actor: Actor,
    id: string,
    body: BodyOf<typeof priceAssessment>,
  ): Promise<AnswerOf<typeof priceAssessment>> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfBikeOf('assessment', 'assessment', id),
        id: body.id,
        request: { assessmentId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const { bikeId } = await undecided(tx, id);
        const known = new Set((await factsOf(tx, bikeId)).findings.map((finding) => finding.id));
        const unknown = body.prices.flatMap((price, at): FieldIssue[] =>
          known.has(price.findingId) ? [] : [{ path: `prices.${at}.findingId`, code: 'unknown' }],
        );
        if (unknown.length > 0) throw new RefusedError('body.invalid', {}, { fields: unknown });
        const { asking, worth, prices } = body;
        return {
          kind: 'assessment.priced',
          body: { bikeId, assessmentId: id, asking, worth, prices },
          happenedAt: body.at,
        };
      },
      (tx) => answerOf(tx, id),
    );
  }

  /** Taken or left. Taken wants every finding priced: a sum with holes in it decides nothing. Left, the bike is gone. */
  async decide(
    actor: Actor,
    id: string,
    body: BodyOf<typeof decideAssessment>,
  ): Promise<AnswerOf<typeof decideAssessment>> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfBikeOf('assessment', 'assessment', id),
        id: body.id,
        request: { assessmentId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const assessment = await undecided(tx, id);
        const { bikeId } = assessment;
        const { findings } = await factsOf(tx, bikeId);
        const { whereabouts: from } = await findBike(tx, bikeId);
        const priced = new Set(assessment.prices.map((price) => price.findingId));
        const unpriced = findings.filter((finding) => !priced.has(finding.id));
        if (body.accept && unpriced.length > 0)
          throw new RefusedError('assessment.not-priced', {
            faults: unpriced.map((each) => each.words.fault),
          });
        const decided = {
          kind: 'assessment.decided' as const,
          body: { bikeId, assessmentId: id, accept: body.accept, reason: body.reason },
          happenedAt: body.at,
        };
        return body.accept
          ? decided
          : [
              {
                kind: 'bike.moved' as const,
                body: { bikeId, from, to: 'gone' as const },
                happenedAt: body.at,
              },
              decided,
            ];
      },
      (tx) => answerOf(tx, id),
    );
  }
}
