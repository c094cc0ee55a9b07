import { HOUR_MS } from '@cadre/core/time';
import { In, type DataSource, type EntityManager } from 'typeorm';
import { v5 as idFrom } from 'uuid';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type {
  changeRound,
  closeRound,
  listRounds,
  makeRound,
  Round,
  setStandingRound,
  StandingRound,
} from '@cadre/contract/rounds';
import { recordedUntil } from '@cadre/server/fitness';
import { evaluateFitness, mayGoOut } from '@cadre/core/fitness';
import { bikesOfRule, roundRows, type RoundCandidate } from '@cadre/core/rounds';
import { opensOn, siteDay, siteTimeToday } from '@cadre/core/schedule';
import { describeFleet, describeRacks, bikeEntity, siteEntity } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import {
  chainNamed,
  chainOfSentSite,
  chainOfSiteOf,
  RefusedError,
  type EventLog,
} from '@cadre/server/platform/event-log';
import { groupsAround } from '@cadre/server/schedule';
import { roundEntity, standingRoundEntity, type StandingRoundRow } from './entities';
import { describeRounds, findRound, roundsAround, standingRounds } from './read';
import type { RoundEvents } from './events';

/** A standing round is made so long before it is to be done: it is there when the first person comes in. */
const MADE_BEFORE_MS = 5 * HOUR_MS;

const chainOfRound = (id: string) => chainOfSiteOf('round', 'round', id);

/** A batch of checks across many bikes with a deadline; made by hand, or every day by rule. */
export class Rounds {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<RoundEvents>,
    private readonly now: () => number,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listRounds>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const rounds = await describeRounds(tx, await roundsAround(tx, this.now()), this.now());
    return { rounds, standing: await standingRounds(tx) };
  }

  async get(actor: Actor, id: string): Promise<Round> {
    requireAct(actor, 'see');
    return this.describe(this.source.manager, id);
  }

  private async describe(tx: EntityManager, id: string): Promise<Round> {
    const [round] = await describeRounds(tx, [await findRound(tx, id)], this.now());
    return round as Round;
  }

  /** Every bike once, of this site, and a checklist that exists. */
  private async refuseBikes(tx: EntityManager, siteId: string, bikeIds: readonly string[]): Promise<void> {
    const rows = await tx
      .getRepository(bikeEntity)
      .find({ where: { id: In([...bikeIds]) }, select: { id: true, tag: true, siteId: true } });
    const twice = bikeIds.filter((id, index) => bikeIds.indexOf(id) !== index);
    if (twice.length > 0)
      throw new RefusedError('round.bike-twice', {
        tags: rows.filter((row) => twice.includes(row.id)).map((row) => row.tag),
      });
    const strange = bikeIds.findIndex((id) => rows.find((row) => row.id === id)?.siteId !== siteId);
    if (strange >= 0)
      throw new RefusedError(
        'body.invalid',
        {},
        { fields: [{ path: `bikeIds.${strange}`, code: 'unknown' }] },
      );
  }

  private async refuseChecklist(tx: EntityManager, checklistKey: string | null): Promise<void> {
    if (checklistKey === null) return;
    const known = await tx.query<unknown[]>(
      'SELECT 1 FROM checklist_version WHERE `key` = ? AND publishedAt IS NOT NULL LIMIT 1',
      [checklistKey],
    );
    if (known.length === 0)
      throw new RefusedError('body.invalid', {}, { fields: [{ path: 'checklistKey', code: 'unknown' }] });
  }

  async make(actor: Actor, body: BodyOf<typeof makeRound>): Promise<Round> {
    requireAct(actor, 'sign');
    return this.log.act(
      { chain: chainOfSentSite(body.siteId), id: body.id, request: body, author: actor.id },
      async (tx) => {
        if (body.deadline <= this.now())
          throw new RefusedError('round.deadline-past', {}, { fields: [{ path: 'deadline', code: 'past' }] });
        await this.refuseBikes(tx, body.siteId, body.bikeIds);
        await this.refuseChecklist(tx, body.checklistKey);
        const { id, siteId, name, checklistKey, bikeIds, people, deadline } = body;
        return {
          kind: 'round.made',
          happenedAt: body.at,
          body: { round: { id, siteId, name, checklistKey, bikeIds, people, deadline, standingId: null } },
        };
      },
      (tx) => this.describe(tx, body.id),
    );
  }

  async change(actor: Actor, id: string, body: BodyOf<typeof changeRound>): Promise<Round> {
    requireAct(actor, 'sign');
    return this.log.act(
      { chain: chainOfRound(id), id: body.id, request: { roundId: id, ...body }, author: actor.id },
      async (tx) => {
        const before = await findRound(tx, id);
        if (before.state === 'closed') throw new RefusedError('round.closed');
        if (before.version !== body.version)
          throw new RefusedError('conflict.version', {}, { current: await this.describe(tx, id) });
        await this.refuseBikes(tx, before.siteId, body.bikeIds);
        const { name, bikeIds, people, deadline } = body;
        return { kind: 'round.changed', body: { roundId: id, name, bikeIds, people, deadline } };
      },
      (tx) => this.describe(tx, id),
    );
  }

  /** Ends it: whatever was not done is named with why, or it stays open. */
  async close(actor: Actor, id: string, body: BodyOf<typeof closeRound>): Promise<Round> {
    requireAct(actor, 'sign');
    return this.log.act(
      { chain: chainOfRound(id), id: body.id, request: { roundId: id, ...body }, author: actor.id },
      async (tx) => {
        const round = await this.describe(tx, id);
        if (round.state === 'closed') throw new RefusedError('round.closed');
        const left = roundRows(round.bikeIds, round.looks, this.now()).filter((row) => row.state !== 'done');
        const why = new Map(body.undone.map((each) => [each.bikeId, each.why]));
        const unsaid = left.filter((row) => !why.get(row.bikeId)).map((row) => row.bikeId);
        if (unsaid.length > 0) {
          const bikes = await tx
            .getRepository(bikeEntity)
            .find({ where: { id: In(unsaid) }, order: { tag: 'ASC' } });
          throw new RefusedError('round.undone-unsaid', { tags: bikes.map((bike) => bike.tag) });
        }
        return {
          kind: 'round.closed',
          happenedAt: body.at,
          body: {
            roundId: id,
            undone: left.map((row) => ({ bikeId: row.bikeId, why: why.get(row.bikeId) ?? '' })),
          },
        };
      },
      (tx) => this.describe(tx, id),
    );
  }

  async setStanding(actor: Actor, id: string, body: BodyOf<typeof setStandingRound>): Promise<StandingRound> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfSentSite(body.siteId),
        id: body.id,
        request: { standingId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const before = await tx.getRepository(standingRoundEntity).findOneBy({ id });
        if ((before?.version ?? null) !== body.version)
          throw new RefusedError('conflict.version', {}, before ? { current: before } : {});
        await this.refuseChecklist(tx, body.checklistKey);
        const { id: _act, version: _version, ...rest } = body;
        return { kind: 'standing-round.set', body: { standing: { id, ...rest } } };
      },
      (tx) => tx.getRepository(standingRoundEntity).findOneByOrFail({ id }),
    );
  }

  /**
   * Makes today's round of every standing rule whose time has come, where the site opens today. Its id is made of the rule and the day, so that any number
   * of servers asking at once make one. Answers how many were made.
   */
  async raiseStanding(): Promise<number> {
    let made = 0;
    for (const standing of (await standingRounds(this.source.manager)).filter((each) => each.active))
      if (await this.raise(standing)) made += 1;
    return made;
  }

  private async raise(standing: StandingRoundRow): Promise<boolean> {
    const now = this.now();
    const site = await this.source.getRepository(siteEntity).findOneByOrFail({ id: standing.siteId });
    const opens = opensOn(site, siteDay(now, site.timeZone));
    if (opens === null) return false;
    // A round that is to be done by opening follows a day that opens at another time.
    const doneBy = standing.doneBy === site.opensAt ? opens : standing.doneBy;
    const deadline = siteTimeToday(now, site.timeZone, doneBy);
    if (now < deadline - MADE_BEFORE_MS || now >= deadline) return false;
    const id = idFrom(siteDay(now, site.timeZone), standing.id);
    if (await this.source.getRepository(roundEntity).existsBy({ id })) return false;
    const groups = (await groupsAround(this.source.manager, now)).filter(
      (group) =>
        group.siteId === site.id && siteDay(group.outAt, site.timeZone) === siteDay(now, site.timeZone),
    );
    const bikeIds = bikesOfRule(standing.rule, await this.candidates(site.id, now), groups)
      .slice(0, 500)
      .map((bike) => bike.id);
    if (bikeIds.length === 0) return false;
    const { siteId, name, checklistKey, people } = standing;
    // What is asked for is the rule and the day: a second server asking a moment later finds it done.
    return this.log.act(
      {
        chain: chainNamed(siteId),
        id,
        request: { standing: standing.id, day: siteDay(now, site.timeZone) },
        author: null,
      },
      async () => ({
        kind: 'round.made',
        body: {
          round: { id, siteId, name, checklistKey, bikeIds, people, deadline, standingId: standing.id },
        },
      }),
      async (_tx, { repeated }) => !repeated,
    );
  }

  private async candidates(siteId: string, now: number): Promise<RoundCandidate[]> {
    const recorded = await recordedUntil(this.source.manager);
    const racks = (await describeRacks(this.source.manager)).filter((rack) => rack.siteId === siteId);
    const places = new Map(
      racks
        .flatMap((rack) => rack.hooks.map((hook) => ({ hook: hook.id, rack: rack.id })))
        .map((each, place) => [each.hook, { ...each, place }]),
    );
    return (await describeFleet(this.source.manager))
      .filter((bike) => bike.siteId === siteId)
      .map((bike) => {
        const { fitness } = evaluateFitness(bike.facts, now, recorded);
        const hangs = bike.hookId === null ? undefined : places.get(bike.hookId);
        return {
          id: bike.id,
          siteId,
          rackId: hangs?.rack ?? null,
          place: hangs?.place ?? places.size,
          kind: bike.build.kind,
          size: bike.size,
          whereabouts: bike.whereabouts,
          due: !mayGoOut(fitness),
          returned: bike.facts.returnCheck !== undefined,
          ready: mayGoOut(fitness) && bike.whereabouts === 'in',
        };
      });
  }
}
