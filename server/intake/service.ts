import type { DataSource, EntityManager } from 'typeorm';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { decideIntake, Intake, listIntakes, openIntake, priceIntake } from '@cadre/contract/intake';
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
import { intakeEntity, type IntakeRow } from './entities';
import type { IntakeEvents } from './events';

const intakeOf = (row: IntakeRow): Intake => ({
  ...row,
  openedAt: row.openedAt.getTime(),
  decidedAt: row.decidedAt?.getTime() ?? null,
});

async function findIntake(tx: EntityManager, id: string): Promise<IntakeRow> {
  const row = await tx.getRepository(intakeEntity).findOneBy({ id });
  if (!row) throw new RefusedError('not-found', { what: 'intake' });
  return row;
}
async function undecided(tx: EntityManager, id: string): Promise<IntakeRow> {
  const row = await findIntake(tx, id);
  if (row.state !== 'open') throw new RefusedError('intake.decided');
  return row;
}
async function answerOf(tx: EntityManager, id: string): Promise<{ intake: Intake; bike: Bike }> {
  const row = await findIntake(tx, id);
  return { intake: intakeOf(row), bike: await describeBike(tx, row.bikeId) };
}

/** Used bikes on offer: held under a tag of the house while they are looked over and priced, then taken or left. */
export class Intakes {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<IntakeEvents & FleetEvents>,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listIntakes>> {
    requireAct(actor, 'see');
    return {
      intakes: (
        await this.source
          .getRepository(intakeEntity)
          .find({ order: { openedAt: 'DESC', id: 'ASC' }, take: 200 })
      ).map(intakeOf),
    };
  }

  async open(actor: Actor, body: BodyOf<typeof openIntake>): Promise<AnswerOf<typeof openIntake>> {
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
            kind: 'intake.opened' as const,
            body: { bikeId, intakeId: body.id, from, asking, worth },
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
    body: BodyOf<typeof priceIntake>,
  ): Promise<AnswerOf<typeof priceIntake>> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfBikeOf('intake', 'intake', id),
        id: body.id,
        request: { intakeId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const { bikeId } = await undecided(tx, id);
        const known = new Set((await factsOf(tx, bikeId)).findings.map((finding) => finding.id));
        const unknown = body.prices.flatMap((price, at) =>
          known.has(price.findingId) ? [] : [{ path: `prices.${at}.findingId`, code: 'unknown' }],
        );
        if (unknown.length > 0) throw new RefusedError('body.invalid', {}, { fields: unknown });
        const { asking, worth, prices } = body;
        return {
          kind: 'intake.priced',
          body: { bikeId, intakeId: id, asking, worth, prices },
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
    body: BodyOf<typeof decideIntake>,
  ): Promise<AnswerOf<typeof decideIntake>> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfBikeOf('intake', 'intake', id),
        id: body.id,
        request: { intakeId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const intake = await undecided(tx, id);
        const { bikeId } = intake;
        const { findings } = await factsOf(tx, bikeId);
        const { whereabouts: from } = await findBike(tx, bikeId);
        const priced = new Set(intake.prices.map((price) => price.findingId));
        const unpriced = findings.filter((finding) => !priced.has(finding.id));
        if (body.accept && unpriced.length > 0)
          throw new RefusedError('intake.not-priced', { faults: unpriced.map((each) => each.words.fault) });
        const decided = {
          kind: 'intake.decided' as const,
          body: { bikeId, intakeId: id, accept: body.accept, reason: body.reason },
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
