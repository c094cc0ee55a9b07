import { In, type DataSource } from 'typeorm';
import type { getFleetDocument, importBikes } from '@cadre/contract/exchange';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { FLEET_SCHEMA } from '@cadre/core/exchange';
import type { FieldIssue } from '@cadre/core/errors';
import { dueByBuild } from '@cadre/server/checks';
import {
  describeRacks,
  documentOf,
  refusedBikes,
  type FleetEvents,
  bikeEntity,
  modelEntity,
  siteEntity,
} from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import {
  chainOfSentSite,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';

/** The fleet out to a file and in from one. */
export class Exchange {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<FleetEvents>,
    private readonly now: () => number,
  ) {}

  /** The whole fleet by its names, in an order of its own, so that the same fleet is always the same bytes. */
  async document(actor: Actor): Promise<AnswerOf<typeof getFleetDocument>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const byName = <T extends { name: string }>(a: T, b: T): number =>
      a.name < b.name ? -1 : a.name > b.name ? 1 : 0;
    const sites = (await tx.getRepository(siteEntity).find()).sort(byName);
    const siteName = new Map(sites.map((site) => [site.id, site.name]));
    const racks = (await describeRacks(tx)).sort((a, b) =>
      (siteName.get(a.siteId) ?? '') < (siteName.get(b.siteId) ?? '')
        ? -1
        : a.siteId === b.siteId
          ? a.order - b.order
          : 1,
    );
    const hooks = new Map(
      racks.flatMap((rack) =>
        rack.hooks.map((hook) => [hook.id, { rack: rack.name, hook: hook.number }] as const),
      ),
    );
    const models = (await tx.getRepository(modelEntity).find()).sort(byName);
    const bikes = await tx.getRepository(bikeEntity).find({ order: { tag: 'ASC' } });
    return {
      schema: FLEET_SCHEMA,
      sites: sites.map(({ name, timeZone, opensAt }) => ({ name, timeZone, opensAt })),
      racks: racks.map((rack) => ({
        site: siteName.get(rack.siteId) ?? '',
        name: rack.name,
        hooks: rack.hooks.length,
      })),
      models: models.map(({ name, build, fit }) => ({ name, build, fit })),
      bikes: bikes.map((bike) => {
        const place = hooks.get(bike.hookId ?? '');
        const { tag, model, size, serial, boughtOn, warrantyUntil, build, fit } = bike;
        return {
          tag,
          model,
          size,
          serial,
          boughtOn,
          warrantyUntil,
          site: siteName.get(bike.siteId) ?? '',
          rack: place?.rack ?? '',
          hook: place?.hook ?? null,
          build,
          fit,
        };
      }),
    };
  }

  /** A batch of bikes: all come in, or none and every wrong one is told. */
  async import(actor: Actor, body: BodyOf<typeof importBikes>): Promise<AnswerOf<typeof importBikes>> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      { chain: chainOfSentSite(body.siteId), id: body.id, request: body, author: actor.id },
      async (tx) => {
        const ids = body.bikes.map((bike) => bike.id);
        const standing = new Map(
          (await tx.getRepository(bikeEntity).findBy({ id: In(ids) })).map((bike) => [bike.id, bike]),
        );
        const models = new Map(
          (await tx.getRepository(modelEntity).find()).map((model) => [model.id, model]),
        );
        const indexOf = new Map(ids.map((id, index) => [id, index]));
        const issues: FieldIssue[] = (await refusedBikes(tx, body.bikes)).map(({ id, field }) => ({
          ...field,
          path: `bikes.${indexOf.get(id)}.${field.path}`,
        }));
        for (const [index, bike] of body.bikes.entries()) {
          if (bike.siteId !== body.siteId)
            issues.push({ path: `bikes.${index}.siteId`, code: 'not-at-this-site' });
          if ((standing.get(bike.id)?.version ?? null) !== bike.version)
            issues.push({ path: `bikes.${index}.version`, code: 'changed-meanwhile' });
        }
        if (issues.length > 0) throw new RefusedError('import.rows-refused', {}, { fields: issues });
        const rebuilt = body.bikes.flatMap((bike) => {
          const before = standing.get(bike.id);
          return before ? [{ bike: before, build: bike.build }] : [];
        });
        const due = await dueByBuild(tx, rebuilt, this.now());
        return body.bikes.map((bike): NewEvent<FleetEvents> => {
          const document = documentOf(bike, models.get(bike.modelId ?? '') ?? null);
          return standing.has(bike.id)
            ? {
                kind: 'bike.changed',
                body: { bikeId: bike.id, bike: document, ...(due.has(bike.id) ? { due: true } : {}) },
              }
            : { kind: 'bike.added', body: { bikeId: bike.id, bike: document } };
        });
      },
      async () => {
        const changed = body.bikes.filter((bike) => bike.version !== null).length;
        return { added: body.bikes.length - changed, changed };
      },
    );
  }
}
