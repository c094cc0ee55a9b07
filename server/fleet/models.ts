import { Not, type EntityManager } from 'typeorm';
import type { addModel, changeModel, Model } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { differingFields, fitIssues, inheritBuild } from '@cadre/core/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { PROGRAM_CHAIN, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import type { DueByBuild } from './bike-document';
import { bikeEntity, modelEntity } from './entities';
import type { FleetEvents } from './events';

export async function describeModels(tx: EntityManager): Promise<Model[]> {
  return tx.getRepository(modelEntity).find({ order: { name: 'ASC' } });
}

async function refuseModel(
  tx: EntityManager,
  id: string,
  fields: { name: string; fit: Model['fit'] },
): Promise<void> {
  const issues = fitIssues(fields.fit);
  if (issues.length > 0) throw new RefusedError('body.invalid', {}, { fields: issues });
  if (await tx.getRepository(modelEntity).existsBy({ name: fields.name, id: Not(id) }))
    throw new RefusedError(
      'model.name-taken',
      { name: fields.name },
      { fields: [{ path: 'name', code: 'taken' }] },
    );
}

/** What bikes bought alike have in common: their build and what is stated of their parts. */
export class Models {
  constructor(
    private readonly log: EventLog<FleetEvents>,
    private readonly now: () => number,
    private readonly dueByBuild: DueByBuild,
  ) {}

  async add(actor: Actor, body: BodyOf<typeof addModel>): Promise<Model> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: body, author: actor.id },
      async (tx) => {
        await refuseModel(tx, body.id, body);
        return {
          kind: 'model.added',
          body: { model: { id: body.id, name: body.name, build: body.build, fit: body.fit } },
        };
      },
      (tx) => tx.getRepository(modelEntity).findOneByOrFail({ id: body.id }),
    );
  }

  /** Changes a model and, with it, every bike of it in the fields the bike does not state itself. */
  async change(
    actor: Actor,
    id: string,
    body: BodyOf<typeof changeModel>,
  ): Promise<AnswerOf<typeof changeModel>> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: PROGRAM_CHAIN,
        id: body.id,
        request: { modelId: id, ...body },
        author: actor.id,
        everySite: true,
      },
      async (tx) => {
        const before = await tx.getRepository(modelEntity).findOneBy({ id });
        if (!before) throw new RefusedError('not-found', { what: 'model' });
        if (before.version !== body.version)
          throw new RefusedError('conflict.version', {}, { current: before });
        await refuseModel(tx, id, body);
        const rebuilt = (await tx.getRepository(bikeEntity).findBy({ modelId: id }))
          .map((bike) => ({ bike, build: inheritBuild(body.build, bike.build, bike.own) }))
          .filter(({ bike, build }) => differingFields(bike.build, build).length > 0);
        const due = await this.dueByBuild(tx, rebuilt, this.now());
        const changed = rebuilt.map(({ bike, build }) => ({ id: bike.id, build, due: due.has(bike.id) }));
        return {
          kind: 'model.changed',
          body: { model: { id, name: body.name, build: body.build, fit: body.fit }, bikes: changed },
        };
      },
      async (tx, { events }) => {
        const changed = (await events('model.changed')).flatMap((event) => event.body.bikes);
        return {
          model: await tx.getRepository(modelEntity).findOneByOrFail({ id }),
          bikes: changed.length,
          due: changed.filter((bike) => bike.due).length,
        };
      },
    );
  }
}
