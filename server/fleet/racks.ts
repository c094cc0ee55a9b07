import { In, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type {
  addRack,
  addSite,
  Bike,
  changeRack,
  changeSite,
  hangBikes,
  orderRacks,
  Rack,
  removeRack,
  setOpening,
  Site,
} from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import { canonicalJson } from '@cadre/core/event-log';
import { isTimeZone, openingIssues } from '@cadre/core/schedule';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import {
  chainOfSentSite,
  chainOfSite,
  chainOfSiteOf,
  PROGRAM_CHAIN,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';
import { bikeEntity, hookEntity, rackEntity, siteEntity } from './entities';
import { describeBikes, describeRacks } from './read';
import type { FleetEvents } from './events';

async function describeRack(tx: EntityManager, id: string): Promise<Rack> {
  return (await describeRacks(tx)).find((rack) => rack.id === id) as Rack;
}

function refuseTimeZone(timeZone: string): void {
  if (!isTimeZone(timeZone))
    throw new RefusedError('body.invalid', {}, { fields: [{ path: 'timeZone', code: 'unknown-time-zone' }] });
}

/** Sites, the racks in them, and which bike hangs where. */
export class Racks {
  constructor(private readonly log: EventLog<FleetEvents>) {}

  async addSite(actor: Actor, body: BodyOf<typeof addSite>): Promise<Site> {
    requireAct(actor, 'edit-program');
    refuseTimeZone(body.timeZone);
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: body, author: actor.id },
      async () => ({
        kind: 'site.added',
        body: { siteId: body.id, name: body.name, timeZone: body.timeZone, opensAt: body.opensAt },
      }),
      (tx) => tx.getRepository(siteEntity).findOneByOrFail({ id: body.id }),
    );
  }

  async changeSite(actor: Actor, id: string, body: BodyOf<typeof changeSite>): Promise<Site> {
    requireAct(actor, 'edit-program');
    refuseTimeZone(body.timeZone);
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { siteId: id, ...body }, author: actor.id },
      async (tx) => {
        if (!(await tx.getRepository(siteEntity).existsBy({ id })))
          throw new RefusedError('not-found', { what: 'site' });
        return {
          kind: 'site.changed',
          body: { siteId: id, name: body.name, timeZone: body.timeZone, opensAt: body.opensAt },
        };
      },
      (tx) => tx.getRepository(siteEntity).findOneByOrFail({ id }),
    );
  }

  /** Sets the days a site opens on. Rounds whose deadline falls on a day that is closed now move on. */
  async setOpening(actor: Actor, id: string, body: BodyOf<typeof setOpening>): Promise<Site> {
    requireAct(actor, 'edit-program');
    const issues = openingIssues(body.opening);
    if (issues.length > 0)
      throw new RefusedError(
        'body.invalid',
        {},
        { fields: issues.map((issue) => ({ ...issue, path: `opening.${issue.path}` })) },
      );
    return this.log.act(
      {
        chain: PROGRAM_CHAIN,
        id: body.id,
        request: { siteId: id, ...body },
        author: actor.id,
        everySite: true,
      },
      async (tx) => {
        const site = await tx.getRepository(siteEntity).findOneBy({ id });
        if (!site) throw new RefusedError('not-found', { what: 'site' });
        if (canonicalJson(site.opening) !== canonicalJson(body.before))
          throw new RefusedError('conflict.version', {}, { current: site });
        return { kind: 'site.opening-set', body: { siteId: id, opening: body.opening } };
      },
      (tx) => tx.getRepository(siteEntity).findOneByOrFail({ id }),
    );
  }

  async addRack(actor: Actor, body: BodyOf<typeof addRack>): Promise<Rack> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      { chain: chainOfSentSite(body.siteId), id: body.id, request: body, author: actor.id },
      async (tx) => {
        const position = (await tx.getRepository(rackEntity).countBy({ siteId: body.siteId })) + 1;
        const hooks = Array.from({ length: body.hooks }, (_, index) => ({ id: newId(), number: index + 1 }));
        return {
          kind: 'rack.added',
          body: { rackId: body.id, siteId: body.siteId, name: body.name, position, hooks },
        };
      },
      (tx) => describeRack(tx, body.id),
    );
  }

  /** Renames a rack, adds hooks at its end or takes free ones off it. */
  async changeRack(actor: Actor, id: string, body: BodyOf<typeof changeRack>): Promise<Rack> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfSiteOf('rack', 'rack', id),
        id: body.id,
        request: { rackId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const { hooks } = await describeRack(tx, id);
        const going = hooks.filter((hook) => hook.number > body.hooks);
        const hanging = await tx
          .getRepository(bikeEntity)
          .find({ where: { hookId: In(going.map((hook) => hook.id)) }, select: { tag: true } });
        if (hanging.length > 0)
          throw new RefusedError(
            'rack.hooks-taken',
            { tags: hanging.map((bike) => bike.tag).sort() },
            { fields: [{ path: 'hooks', code: 'taken' }] },
          );
        const added = Array.from({ length: Math.max(0, body.hooks - hooks.length) }, (_, index) => ({
          id: newId(),
          number: hooks.length + index + 1,
        }));
        return {
          kind: 'rack.changed',
          body: { rackId: id, name: body.name, added, removed: going.map((hook) => hook.id) },
        };
      },
      (tx) => describeRack(tx, id),
    );
  }

  async removeRack(actor: Actor, id: string, body: BodyOf<typeof removeRack>): Promise<{ done: true }> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfSiteOf('rack', 'rack', id),
        id: body.id,
        request: { rackId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const { hooks } = await describeRack(tx, id);
        const bikes = await tx
          .getRepository(bikeEntity)
          .countBy({ hookId: In(hooks.map((hook) => hook.id)) });
        if (bikes > 0) throw new RefusedError('rack.not-empty', { bikes });
        return { kind: 'rack.removed', body: { rackId: id } };
      },
      async () => ({ done: true as const }),
    );
  }

  async orderRacks(
    actor: Actor,
    siteId: string,
    body: BodyOf<typeof orderRacks>,
  ): Promise<{ racks: Rack[] }> {
    requireAct(actor, 'edit-fleet');
    const here = async (tx: EntityManager): Promise<Rack[]> =>
      (await describeRacks(tx)).filter((rack) => rack.siteId === siteId);
    return this.log.act(
      { chain: chainOfSite(siteId), id: body.id, request: { siteId, ...body }, author: actor.id },
      async (tx) => {
        const racks = await here(tx);
        const named = new Set(body.rackIds);
        if (
          named.size !== body.rackIds.length ||
          racks.length !== named.size ||
          !racks.every((rack) => named.has(rack.id))
        )
          throw new RefusedError('rack.order-stale', {}, { current: racks });
        return { kind: 'racks.ordered', body: { siteId, rackIds: body.rackIds } };
      },
      async (tx) => ({ racks: await here(tx) }),
    );
  }

  /** Hangs bikes where they now belong, all or none. Bikes may change places among themselves. */
  async hang(actor: Actor, body: BodyOf<typeof hangBikes>): Promise<{ bikes: Bike[] }> {
    requireAct(actor, 'edit-fleet');
    const ids = body.moves.map((move) => move.bikeId);
    return this.log.act(
      { chain: chainOfSentSite(body.siteId), id: body.id, request: body, author: actor.id },
      async (tx) => {
        const bikes = await tx.getRepository(bikeEntity).findBy({ id: In(ids) });
        if (bikes.length !== new Set(ids).size) throw new RefusedError('not-found', { what: 'bike' });
        const hookIds = body.moves.flatMap((move) => (move.hookId ? [move.hookId] : []));
        const hooks = await tx.getRepository(hookEntity).findBy({ id: In(hookIds) });
        const racks = await tx.getRepository(rackEntity).findBy({ id: In(hooks.map((hook) => hook.rackId)) });
        const twice = new Set(hookIds).size !== hookIds.length;
        if (twice || hooks.length !== hookIds.length || racks.some((rack) => rack.siteId !== body.siteId))
          throw new RefusedError(
            'body.invalid',
            {},
            { fields: [{ path: 'moves', code: twice ? 'taken' : 'not-at-this-site' }] },
          );
        const inTheWay = (await tx.getRepository(bikeEntity).findBy({ hookId: In(hookIds) })).find(
          (bike) => !ids.includes(bike.id),
        );
        if (inTheWay) throw new RefusedError('hook.taken', { tag: inTheWay.tag });
        return hangEvents(body, bikes);
      },
      async (tx) => ({
        bikes: await describeBikes(
          tx,
          [...new Set(ids)].map((id) => ({ id })),
        ),
      }),
    );
  }
}

/** A bike whose hook another one takes comes off it first: a hook holds one bike at every moment. */
function hangEvents(
  body: BodyOf<typeof hangBikes>,
  bikes: readonly { id: string; siteId: string; hookId: string | null }[],
): NewEvent<FleetEvents>[] {
  const wanted = new Map(body.moves.map((move) => [move.hookId, move.bikeId]));
  const off = bikes.filter(
    (bike) => bike.hookId && wanted.has(bike.hookId) && wanted.get(bike.hookId) !== bike.id,
  );
  return [
    ...off.map((bike): NewEvent<FleetEvents> => ({
      kind: 'bike.hung',
      body: { bikeId: bike.id, siteId: bike.siteId, hookId: null },
      happenedAt: body.at,
    })),
    ...body.moves.map((move): NewEvent<FleetEvents> => ({
      kind: 'bike.hung',
      body: { bikeId: move.bikeId, siteId: body.siteId, hookId: move.hookId },
      happenedAt: body.at,
    })),
  ];
}
