import { MoreThan, type DataSource } from 'typeorm';
import type { addBike, Bike, changeBike, moveBike, noteMarkings } from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import { fitIssues, fitItem, inheritFit, type Build, type FitList } from '@cadre/core/fleet';
import type { FieldIssue } from '@cadre/core/errors';
import { MARKINGS_AT_STAND } from '@cadre/core/measures';
import { evaluateFitness, mayGoOut } from '@cadre/core/fitness';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { factsOf, recordedUntil } from '@cadre/server/fitness';
import { chainOfBike, chainOfSentSite, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { documentOf, modelById, refuseBike, type DueByBuild } from './bike-document';
import { bikeEntity } from './entities';
import { describeBike, describeBikes, findBike } from './read';
import type { FleetEvents } from './events';

/** What speaks against keeping these markings: not one the stand keeps, stated already, out of range, a least over its most. */
function markingIssues(known: FitList, noted: FitList, build: Build): readonly FieldIssue[] {
  const own = Object.keys(noted).flatMap((key): FieldIssue[] => {
    if (!MARKINGS_AT_STAND.includes(key) || !fitItem(key)?.on(build))
      return [{ path: `fit.${key}`, code: 'unknown' }];
    const stated = known[key];
    return stated === undefined || stated === noted[key]
      ? []
      : [{ path: `fit.${key}`, code: 'stated', params: { value: stated } }];
  });
  if (own.length > 0) return own;
  const before = new Set(fitIssues(known).map((issue) => issue.path));
  // A most under the least known already is told at the most: that is what was just typed.
  return fitIssues({ ...known, ...noted })
    .filter((issue) => !before.has(issue.path))
    .map((issue): FieldIssue =>
      issue.path.slice('fit.'.length) in noted
        ? issue
        : { path: `fit.${Object.keys(noted)[0] ?? ''}`, code: 'speaks-against' },
    );
}

export class Fleet {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<FleetEvents>,
    private readonly now: () => number,
    private readonly dueByBuild: DueByBuild,
  ) {}

  async list(
    actor: Actor,
    query: { after?: string | undefined; most: number },
  ): Promise<{ bikes: Bike[]; next: string | null }> {
    requireAct(actor, 'see');
    const rows = await this.source.getRepository(bikeEntity).find({
      where: query.after ? { tag: MoreThan(query.after) } : {},
      order: { tag: 'ASC' },
      take: query.most + 1,
    });
    const page = rows.slice(0, query.most);
    return {
      bikes: await describeBikes(this.source.manager, page),
      next: rows.length > query.most ? (page.at(-1)?.tag ?? null) : null,
    };
  }

  async get(actor: Actor, id: string): Promise<Bike> {
    requireAct(actor, 'see');
    return describeBike(this.source.manager, id);
  }

  async add(actor: Actor, body: BodyOf<typeof addBike>): Promise<Bike> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      { chain: chainOfSentSite(body.siteId), id: body.id, request: body, author: actor.id },
      async (tx) => {
        await refuseBike(tx, body);
        return {
          kind: 'bike.added',
          body: { bikeId: body.id, bike: documentOf(body, await modelById(tx, body.modelId)) },
        };
      },
      (tx) => describeBike(tx, body.id),
    );
  }

  async change(actor: Actor, id: string, body: BodyOf<typeof changeBike>): Promise<Bike> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      { chain: chainOfBike(id), id: body.id, request: { bikeId: id, ...body }, author: actor.id },
      async (tx) => {
        const bike = await findBike(tx, id);
        if (bike.version !== body.version)
          throw new RefusedError(
            'conflict.version',
            { tag: bike.tag },
            { current: await describeBike(tx, id) },
          );
        const wanted = { ...body, id };
        await refuseBike(tx, wanted);
        const due = (await this.dueByBuild(tx, [{ bike, build: body.build }], this.now())).has(id);
        return {
          kind: 'bike.changed',
          body: {
            bikeId: id,
            bike: documentOf(wanted, await modelById(tx, body.modelId)),
            ...(due ? { due } : {}),
          },
        };
      },
      (tx) => describeBike(tx, id),
    );
  }

  /** Keeps what was read off a part where nothing was stated: it gives a reading its limit, and can make nothing sounder that was judged before. */
  async noteMarkings(actor: Actor, id: string, body: BodyOf<typeof noteMarkings>): Promise<Bike> {
    requireAct(actor, 'mark');
    return this.log.act(
      { chain: chainOfBike(id), id: body.id, request: { bikeId: id, ...body }, author: actor.id },
      async (tx) => {
        const bike = await findBike(tx, id);
        const model = await modelById(tx, bike.modelId);
        const fields = markingIssues(inheritFit(model?.fit ?? {}, bike.fit), body.fit, bike.build);
        if (fields.length > 0) throw new RefusedError('body.invalid', {}, { fields });
        const marked = { ...bike, fit: { ...bike.fit, ...body.fit } };
        return {
          kind: 'bike.changed',
          body: { bikeId: id, bike: documentOf(marked, model) },
          happenedAt: body.at,
        };
      },
      (tx) => describeBike(tx, id),
    );
  }

  async move(actor: Actor, id: string, body: BodyOf<typeof moveBike>): Promise<Bike> {
    requireAct(actor, 'hand-out');
    return this.log.act(
      { chain: chainOfBike(id), id: body.id, request: { bikeId: id, ...body }, author: actor.id },
      async (tx) => {
        const bike = await findBike(tx, id);
        if (body.to === 'out') {
          const { fitness } = evaluateFitness(
            await factsOf(tx, id),
            this.now(),
            await recordedUntil(tx, bike.siteId),
          );
          if (!mayGoOut(fitness)) throw new RefusedError('hand-out.not-fit', { tag: bike.tag, fitness });
          if (bike.whereabouts !== 'in')
            throw new RefusedError('hand-out.not-in', { tag: bike.tag, whereabouts: bike.whereabouts });
        }
        const moved = { bikeId: id, from: bike.whereabouts, to: body.to };
        return { kind: 'bike.moved', body: moved, happenedAt: body.at };
      },
      (tx) => describeBike(tx, id),
    );
  }
}
