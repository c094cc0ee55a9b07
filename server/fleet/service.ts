import { MoreThan, Not, type DataSource, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type { addBike, addRack, addSite, Bike, BikeFields, changeBike, moveBike, Rack, Site, Wall } from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import { evaluateFitness, mayGoOut } from '@cadre/core/fitness';
import { isTimeZone } from '@cadre/core/schedule';
import { currentPolicy } from '@cadre/server/catalogue';
import { programChain, requireAct, type Actor } from '@cadre/server/people';
import { personEntity } from '@cadre/server/people/entities';
import { factsOf } from '@cadre/server/projection';
import { RefusedError, type BikeDocument, type Record } from '@cadre/server/records';
import { bikeEntity, hookEntity, rackEntity, siteEntity } from './entities';
import { describeBike, describeBikes, describeRacks, findBike } from './read';

async function refuseTaken(tx: EntityManager, id: string, fields: BikeFields): Promise<void> {
  if (!(await tx.getRepository(siteEntity).existsBy({ id: fields.siteId })))
    throw new RefusedError('body.invalid', {}, { fields: [{ path: 'siteId', code: 'unknown' }] });
  if (await tx.getRepository(bikeEntity).existsBy({ tag: fields.tag, id: Not(id) }))
    throw new RefusedError('tag.taken', { tag: fields.tag }, { fields: [{ path: 'tag', code: 'taken', params: { tag: fields.tag } }] });
  if (!fields.hookId) return;
  const hook = await tx.getRepository(hookEntity).findOneBy({ id: fields.hookId });
  const rack = hook ? await tx.getRepository(rackEntity).findOneBy({ id: hook.rackId }) : null;
  if (!rack || rack.siteId !== fields.siteId) throw new RefusedError('body.invalid', {}, { fields: [{ path: 'hookId', code: 'not-at-this-site' }] });
  const holder = await tx.getRepository(bikeEntity).findOneBy({ hookId: fields.hookId, id: Not(id) });
  if (holder) throw new RefusedError('hook.taken', { tag: holder.tag }, { fields: [{ path: 'hookId', code: 'taken', params: { tag: holder.tag } }] });
}

function documentOf(id: string, fields: BikeFields): BikeDocument {
  return {
    id,
    tag: fields.tag,
    model: fields.model,
    size: fields.size,
    serial: fields.serial,
    siteId: fields.siteId,
    hookId: fields.hookId,
    build: fields.build,
  };
}

export class Fleet {
  constructor(
    private readonly source: DataSource,
    private readonly record: Record,
    private readonly now: () => number,
  ) {}

  async wall(actor: Actor): Promise<Wall> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    return {
      sites: await tx.getRepository(siteEntity).find({ order: { name: 'ASC' } }),
      racks: await describeRacks(tx),
      bikes: await describeBikes(tx, await tx.getRepository(bikeEntity).find({ order: { tag: 'ASC' } })),
      people: await tx.getRepository(personEntity).find({ select: { id: true, name: true } }),
      policyHash: (await currentPolicy(tx)).hash,
      now: this.now(),
    };
  }

  async list(actor: Actor, query: { after?: string | undefined; most: number }): Promise<{ bikes: Bike[]; next: string | null }> {
    requireAct(actor, 'see');
    const rows = await this.source
      .getRepository(bikeEntity)
      .find({ where: query.after ? { tag: MoreThan(query.after) } : {}, order: { tag: 'ASC' }, take: query.most + 1 });
    const page = rows.slice(0, query.most);
    return { bikes: await describeBikes(this.source.manager, page), next: rows.length > query.most ? (page.at(-1)?.tag ?? null) : null };
  }

  async get(actor: Actor, id: string): Promise<Bike> {
    requireAct(actor, 'see');
    return describeBike(this.source.manager, id);
  }

  async add(actor: Actor, body: BodyOf<typeof addBike>): Promise<Bike> {
    requireAct(actor, 'edit-fleet');
    return this.record.act(
      { chain: body.siteId, id: body.id, request: body, author: actor.id },
      async (tx) => {
        await refuseTaken(tx, body.id, body);
        return { kind: 'bike.added', body: { bikeId: body.id, bike: documentOf(body.id, body) } };
      },
      (tx) => describeBike(tx, body.id),
    );
  }

  async change(actor: Actor, id: string, body: BodyOf<typeof changeBike>): Promise<Bike> {
    requireAct(actor, 'edit-fleet');
    const before = await findBike(this.source.manager, id);
    return this.record.act(
      { chain: before.siteId, id: newId(), request: body, author: actor.id },
      async (tx) => {
        const bike = await findBike(tx, id);
        if (bike.version !== body.version) throw new RefusedError('conflict.version', { tag: bike.tag }, { current: await describeBike(tx, id) });
        await refuseTaken(tx, id, body);
        return { kind: 'bike.changed', body: { bikeId: id, bike: documentOf(id, body) } };
      },
      (tx) => describeBike(tx, id),
    );
  }

  async move(actor: Actor, id: string, body: BodyOf<typeof moveBike>): Promise<Bike> {
    requireAct(actor, 'hand-out');
    const before = await findBike(this.source.manager, id);
    return this.record.act(
      { chain: before.siteId, id: body.id, request: { bikeId: id, ...body }, author: actor.id },
      async (tx) => {
        const bike = await findBike(tx, id);
        if (body.to === 'out') {
          const { fitness } = evaluateFitness(await factsOf(tx, id), this.now());
          if (!mayGoOut(fitness)) throw new RefusedError('hand-out.not-fit', { tag: bike.tag, fitness });
          if (bike.whereabouts !== 'in') throw new RefusedError('hand-out.not-in', { tag: bike.tag, whereabouts: bike.whereabouts });
        }
        return { kind: 'bike.moved', body: { bikeId: id, to: body.to }, happenedAt: body.at };
      },
      (tx) => describeBike(tx, id),
    );
  }

  async addSite(actor: Actor, body: BodyOf<typeof addSite>): Promise<Site> {
    requireAct(actor, 'edit-program');
    if (!isTimeZone(body.timeZone)) throw new RefusedError('body.invalid', {}, { fields: [{ path: 'timeZone', code: 'unknown-time-zone' }] });
    return this.record.act(
      { chain: await programChain(this.source), id: body.id, request: body, author: actor.id },
      async () => ({ kind: 'site.added', body: { siteId: body.id, name: body.name, timeZone: body.timeZone, opensAt: body.opensAt } }),
      (tx) => tx.getRepository(siteEntity).findOneByOrFail({ id: body.id }),
    );
  }

  async addRack(actor: Actor, body: BodyOf<typeof addRack>): Promise<Rack> {
    requireAct(actor, 'edit-fleet');
    if (!(await this.source.getRepository(siteEntity).existsBy({ id: body.siteId }))) throw new RefusedError('not-found', { what: 'site' });
    return this.record.act(
      { chain: body.siteId, id: body.id, request: body, author: actor.id },
      async (tx) => {
        const position = (await tx.getRepository(rackEntity).countBy({ siteId: body.siteId })) + 1;
        const hooks = Array.from({ length: body.hooks }, (_, index) => ({ id: newId(), number: index + 1 }));
        return { kind: 'rack.added', body: { rackId: body.id, siteId: body.siteId, name: body.name, position, hooks } };
      },
      async (tx) => (await describeRacks(tx)).find((rack) => rack.id === body.id) as Rack,
    );
  }
}
