import { IsNull, type DataSource, type EntityManager } from 'typeorm';
import { v5 as idFrom, v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { answerTimedRecheck, setTimedRecheck } from '@cadre/contract/timed-rechecks';
import { measuredOn } from '@cadre/core/catalogue';
import { windowOn } from '@cadre/core/measures';
import { answerSoak, dueAfter, isDue, type Gauged, type TimedRecheck } from '@cadre/core/timed-rechecks';
import { currentPolicy } from '@cadre/server/catalogue';
import { describeBike, findBike, measuredBikes, policyOnBike } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { factsOf } from '@cadre/server/fitness';
import { timedRecheckOf } from './rows';
import { chainOfBike, chainOfBikeOf, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { timedRecheckEntity, type TimedRecheckRow } from './entities';
import { leakFinding } from './leak-finding';
import type { TimedRecheckEvents } from './events';

type Answered = AnswerOf<typeof answerTimedRecheck>;

/** A tyre that was gauged and is to be gauged again. */
export interface Soak extends Pick<TimedRecheck, 'id' | 'what' | 'position' | 'by'> {
  readonly bikeId: string;
  readonly gauged: Gauged;
  readonly dueAt: number;
}

/** Looks asked for later: set, raised by themselves when their time has come, and answered. */
export class TimedRechecks {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<TimedRecheckEvents>,
    private readonly now: () => number,
  ) {}

  async set(actor: Actor, bikeId: string, body: BodyOf<typeof setTimedRecheck>): Promise<Bike> {
    requireAct(actor, 'mark');
    if (body.hours === null && body.outings === null)
      throw new RefusedError('body.invalid', {}, { fields: [{ path: 'hours', code: 'required' }] });
    if (body.kind === 'soak' && !body.gauged)
      throw new RefusedError('body.invalid', {}, { fields: [{ path: 'gauged', code: 'required' }] });
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: { bikeId, ...body }, author: actor.id },
      async (tx) => {
        const { kind, what, position, hours, outings, gauged, at } = body;
        const recheck: TimedRecheck = {
          id: body.id,
          kind,
          what,
          position,
          since: at,
          by: actor.id,
          dueAt: dueAfter(at, hours),
          outings,
          outingsUsed: 0,
          raisedAt: null,
          gauged: gauged ? { ...gauged, at } : null,
          ...(kind === 'soak' ? await this.floorOf(tx, bikeId, position) : { floor: null }),
        };
        return { kind: 'timed-recheck.set', body: { bikeId, recheck }, happenedAt: at };
      },
      (tx) => describeBike(tx, bikeId),
    );
  }

  /** Has a tyre gauged again by itself, where it does not wait for that already. Answers whether it was started now. */
  async startSoak({ id, bikeId, gauged, dueAt, what, position, by }: Soak): Promise<boolean> {
    if (await this.source.getRepository(timedRecheckEntity).existsBy({ id })) return false;
    return this.log.act(
      { chain: chainOfBike(bikeId), id, request: { bikeId, position }, author: null },
      async (tx) => ({
        kind: 'timed-recheck.set',
        body: {
          bikeId,
          recheck: {
            ...{ id, kind: 'soak', what, position, by, gauged, dueAt, since: gauged.at },
            ...{ outings: null, outingsUsed: 0, raisedAt: null },
            ...(await this.floorOf(tx, bikeId, position)),
          },
        },
      }),
      async (_tx, { repeated }) => !repeated,
    );
  }

  /** The lowest the tyre at this end may have, and where that comes from. */
  private async floorOf(
    tx: EntityManager,
    bikeId: string,
    position: TimedRecheck['position'],
  ): Promise<Pick<TimedRecheck, 'floor' | 'floorSource'>> {
    const bike = await findBike(tx, bikeId);
    const measured = (await measuredBikes(tx, [bike])).get(bikeId);
    const policy = await policyOnBike(tx, bike, this.now());
    if (!measured) return { floor: null };
    const { floor, floorSource } = windowOn(measuredOn({ position, zone: 'front-wheel' }, measured, policy));
    return { floor, ...(floorSource === undefined ? {} : { floorSource }) };
  }

  async answer(actor: Actor, id: string, body: BodyOf<typeof answerTimedRecheck>): Promise<Answered> {
    requireAct(actor, 'mark');
    return this.log.act(
      {
        chain: chainOfBikeOf('recheck', 'timed_recheck', id),
        id: body.id,
        request: { timedRecheckId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const row = await this.find(tx, id);
        if (row.endedAt) throw new RefusedError('timed-recheck.over', {});
        const recheck = timedRecheckOf(row);
        const { bikeId } = row;
        const gauged: Gauged | null = body.gauged ? { ...body.gauged, at: body.at } : null;
        const plain = { bikeId, timedRecheckId: id, what: recheck.what, gauged, note: body.note };
        if (recheck.kind !== 'soak')
          return {
            kind: 'timed-recheck.answered',
            happenedAt: body.at,
            body: { ...plain, said: 'looked', perDay: null, leak: null, againAt: null, findings: [] },
          };
        if (!gauged)
          throw new RefusedError(
            'timed-recheck.gauge-again',
            {},
            { fields: [{ path: 'gauged', code: 'required' }] },
          );
        const { policy } = await currentPolicy(tx);
        const soak = answerSoak(recheck, gauged, policy.limits);
        if (!soak.ok)
          throw new RefusedError(
            'body.invalid',
            {},
            { fields: soak.issues.map((issue) => ({ ...issue, path: `gauged.${issue.path}` })) },
          );
        const { corrected: _corrected, becomes: _becomes, limit: _limit, ...leak } = soak.answer;
        const findings =
          soak.answer.outcome === 'fail'
            ? [
                leakFinding(recheck, gauged, soak.answer, {
                  open: (await factsOf(tx, bikeId)).findings,
                  policy,
                  by: actor.id,
                  newId,
                }),
              ]
            : [];
        return {
          kind: 'timed-recheck.answered',
          happenedAt: body.at,
          body: {
            ...plain,
            said: soak.answer.outcome,
            perDay: soak.answer.perDay,
            leak,
            againAt: soak.againAt,
            findings,
          },
        };
      },
      async (tx, { events }) => {
        for (const { body: answered } of await events('timed-recheck.answered'))
          return {
            bike: await describeBike(tx, answered.bikeId),
            leak: answered.leak,
            againAt: answered.againAt,
          };
        throw new Error('an answered recheck has no answer');
      },
    );
  }

  private async find(tx: EntityManager, id: string): Promise<TimedRecheckRow> {
    const row = await tx.getRepository(timedRecheckEntity).findOneBy({ id });
    if (!row) throw new RefusedError('not-found', { what: 'recheck' });
    return row;
  }

  /**
   * Raises every recheck whose time has come: it is on the record and on every screen, with no page open. Its id is made of the recheck and what it waited for, so that
   * any number of servers asking at once raise it once. Answers how many were raised.
   */
  async raiseDue(): Promise<number> {
    const now = this.now();
    const waiting = await this.source
      .getRepository(timedRecheckEntity)
      .find({ where: { endedAt: IsNull(), raisedAt: IsNull() } });
    let raised = 0;
    for (const row of waiting) {
      const recheck = timedRecheckOf(row);
      if (!isDue(recheck, now)) continue;
      const id = idFrom(`raised ${recheck.dueAt ?? ''} ${recheck.outings ?? ''}`, recheck.id);
      const first = await this.log.act(
        { chain: chainOfBike(row.bikeId), id, request: { timedRecheckId: recheck.id }, author: null },
        async () => ({
          kind: 'timed-recheck.raised',
          body: { bikeId: row.bikeId, timedRecheckId: recheck.id, what: recheck.what },
        }),
        async (_tx, { repeated }) => !repeated,
      );
      if (first) raised += 1;
    }
    return raised;
  }
}
