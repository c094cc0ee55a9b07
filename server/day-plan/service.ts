import { In, MoreThanOrEqual, type DataSource, type EntityManager } from 'typeorm';
import type { DayPlanTold, listDayPlans, setDayPlan } from '@cadre/contract/day-plan';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { siteDay } from '@cadre/core/schedule';
import { DAY_MS } from '@cadre/core/time';
import { bikeEntity, siteEntity } from '@cadre/server/fleet';
import { personEntity } from '@cadre/server/people';
import { chainOfSentSite, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { dayPlanEntity, type DayPlanRow } from './entities';
import type { DayPlanEvents } from './events';

const told = ({ plan, madeAt, ...row }: DayPlanRow): DayPlanTold => ({
  ...row,
  ...plan,
  madeAt: madeAt.getTime(),
});

const unknown = (path: string): RefusedError =>
  new RefusedError('body.invalid', {}, { fields: [{ path, code: 'unknown' }] });

/** What each day's people have to do: made by whoever plans, followed by all. */
export class DayPlans {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<DayPlanEvents>,
    private readonly now: () => number,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listDayPlans>> {
    requireAct(actor, 'see');
    // A day before today everywhere is over at every site.
    const day = siteDay(this.now() - DAY_MS, 'UTC');
    const rows = await this.source.manager
      .getRepository(dayPlanEntity)
      .find({ where: { day: MoreThanOrEqual(day) }, order: { day: 'ASC', id: 'ASC' } });
    return { plans: rows.map(told) };
  }

  async set(actor: Actor, id: string, body: BodyOf<typeof setDayPlan>): Promise<DayPlanTold> {
    requireAct(actor, 'sign');
    const { siteId, day, people, items, unmet, needed, gap } = body;
    return this.log.act(
      {
        chain: chainOfSentSite(siteId),
        id: body.id,
        request: { dayPlanId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const plans = tx.getRepository(dayPlanEntity);
        const before = await plans.findOneBy({ siteId, day });
        const same = before === null ? body.version === null : before.id === id;
        if (!same || (before && before.version !== body.version))
          throw new RefusedError('conflict.version', {}, before ? { current: told(before) } : {});
        const site = await tx.getRepository(siteEntity).findOneByOrFail({ id: siteId });
        if (day < siteDay(this.now(), site.timeZone))
          throw new RefusedError('body.invalid', {}, { fields: [{ path: 'day', code: 'past' }] });
        await this.refuse(tx, body);
        return {
          kind: 'day-plan.set',
          happenedAt: body.at,
          body: { dayPlanId: id, siteId, day, plan: { people, items, unmet, needed, gap } },
        };
      },
      async (tx) => told(await tx.getRepository(dayPlanEntity).findOneByOrFail({ id })),
    );
  }

  /** Every bike once, of this site; everybody there, and nobody else. */
  private async refuse(tx: EntityManager, body: BodyOf<typeof setDayPlan>): Promise<void> {
    const here = await tx
      .getRepository(personEntity)
      .findBy({ id: In(body.people.map((each) => each.personId)), active: true });
    const strange = body.people.findIndex((each) => !here.some((person) => person.id === each.personId));
    if (strange >= 0) throw unknown(`people.${strange}.personId`);
    const bikes = await tx
      .getRepository(bikeEntity)
      .findBy({ id: In(body.items.map((item) => item.bikeId)), siteId: body.siteId });
    const known = new Set(bikes.map((bike) => bike.id));
    const seen = new Set<string>();
    for (const [at, item] of body.items.entries()) {
      if (!known.has(item.bikeId)) throw unknown(`items.${at}.bikeId`);
      if (!body.people.some((each) => each.personId === item.personId)) throw unknown(`items.${at}.personId`);
      if (seen.has(item.bikeId))
        throw new RefusedError(
          'body.invalid',
          {},
          { fields: [{ path: `items.${at}.bikeId`, code: 'twice' }] },
        );
      seen.add(item.bikeId);
    }
  }
}
