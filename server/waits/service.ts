import { IsNull, type DataSource, type EntityManager } from 'typeorm';
import { v5 as idFrom, v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { answerWait, setWait } from '@cadre/contract/waits';
import { measuredOn } from '@cadre/core/catalogue';
import { windowOn } from '@cadre/core/measures';
import { answerSoak, dueAfter, isDue, type Gauged, type Wait } from '@cadre/core/waits';
import { currentPolicy } from '@cadre/server/catalogue';
import { describeBike, findBike, measuredBikes } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { factsOf } from '@cadre/server/fitness';
import { waitOf } from './rows';
import { chainOfBike, chainOfBikeOf, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { waitEntity, type WaitRow } from './entities';
import { leakFinding } from './leak-finding';
import type { WaitEvents } from './events';

type Answered = AnswerOf<typeof answerWait>;

/** Looks asked for later: set, raised by themselves when their time has come, and answered. */
export class Waits {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<WaitEvents>,
    private readonly now: () => number,
  ) {}

  async set(actor: Actor, bikeId: string, body: BodyOf<typeof setWait>): Promise<Bike> {
    requireAct(actor, 'mark');
    if (body.hours === null && body.outings === null)
      throw new RefusedError('body.invalid', {}, { fields: [{ path: 'hours', code: 'required' }] });
    if (body.kind === 'soak' && !body.gauged)
      throw new RefusedError('body.invalid', {}, { fields: [{ path: 'gauged', code: 'required' }] });
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: { bikeId, ...body }, author: actor.id },
      async (tx) => {
        const { kind, what, position, hours, outings, gauged, at } = body;
        const wait: Wait = {
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
        return { kind: 'wait.set', body: { bikeId, wait }, happenedAt: at };
      },
      (tx) => describeBike(tx, bikeId),
    );
  }

  /** The lowest the tyre at this end may have, and where that comes from. */
  private async floorOf(
    tx: EntityManager,
    bikeId: string,
    position: Wait['position'],
  ): Promise<Pick<Wait, 'floor' | 'floorSource'>> {
    const measured = (await measuredBikes(tx, [await findBike(tx, bikeId)])).get(bikeId);
    const { policy } = await currentPolicy(tx);
    if (!measured) return { floor: null };
    const { floor, floorSource } = windowOn(measuredOn({ position, zone: 'front-wheel' }, measured, policy));
    return { floor, ...(floorSource === undefined ? {} : { floorSource }) };
  }

  async answer(actor: Actor, id: string, body: BodyOf<typeof answerWait>): Promise<Answered> {
    requireAct(actor, 'mark');
    return this.log.act(
      {
        chain: chainOfBikeOf('wait', 'bike_wait', id),
        id: body.id,
        request: { waitId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const row = await this.find(tx, id);
        if (row.endedAt) throw new RefusedError('wait.over', {});
        const wait = waitOf(row);
        const { bikeId } = row;
        const gauged: Gauged | null = body.gauged ? { ...body.gauged, at: body.at } : null;
        const plain = { bikeId, waitId: id, what: wait.what, gauged, note: body.note };
        if (wait.kind !== 'soak')
          return {
            kind: 'wait.answered',
            happenedAt: body.at,
            body: { ...plain, said: 'looked', perDay: null, leak: null, againAt: null, findings: [] },
          };
        if (!gauged)
          throw new RefusedError('wait.gauge-again', {}, { fields: [{ path: 'gauged', code: 'required' }] });
        const { policy } = await currentPolicy(tx);
        const soak = answerSoak(wait, gauged, policy.limits);
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
                leakFinding(wait, gauged, soak.answer, {
                  open: (await factsOf(tx, bikeId)).findings,
                  policy,
                  by: actor.id,
                  newId,
                }),
              ]
            : [];
        return {
          kind: 'wait.answered',
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
        for (const { body: answered } of await events('wait.answered'))
          return {
            bike: await describeBike(tx, answered.bikeId),
            leak: answered.leak,
            againAt: answered.againAt,
          };
        throw new Error('an answered wait has no answer');
      },
    );
  }

  private async find(tx: EntityManager, id: string): Promise<WaitRow> {
    const row = await tx.getRepository(waitEntity).findOneBy({ id });
    if (!row) throw new RefusedError('not-found', { what: 'wait' });
    return row;
  }

  /**
   * Raises every wait whose time has come: it is on the record and on every screen, with no page open. Its id is made of the wait and what it waited for, so that
   * any number of servers asking at once raise it once. Answers how many were raised.
   */
  async raiseDue(): Promise<number> {
    const now = this.now();
    const waiting = await this.source
      .getRepository(waitEntity)
      .find({ where: { endedAt: IsNull(), raisedAt: IsNull() } });
    let raised = 0;
    for (const row of waiting) {
      const wait = waitOf(row);
      if (!isDue(wait, now)) continue;
      const id = idFrom(`raised ${wait.dueAt ?? ''} ${wait.outings ?? ''}`, wait.id);
      const first = await this.log.act(
        { chain: chainOfBike(row.bikeId), id, request: { waitId: wait.id }, author: null },
        async () => ({ kind: 'wait.raised', body: { bikeId: row.bikeId, waitId: wait.id, what: wait.what } }),
        async (_tx, { repeated }) => !repeated,
      );
      if (first) raised += 1;
    }
    return raised;
  }
}
