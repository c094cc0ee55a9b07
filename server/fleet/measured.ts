import { In, type EntityManager } from 'typeorm';
import type { MeasuredBike } from '@cadre/core/catalogue';
import { modelEntity, type BikeRow } from './entities';
import { partsByBike } from './read';

type Measured = Pick<BikeRow, 'id' | 'build' | 'modelId' | 'fit' | 'whereabouts'>;

/** What readings of these bikes are judged on: build, what model and bike state, what the parts are marked with. */
export async function measuredBikes(
  tx: EntityManager,
  bikes: readonly Measured[],
): Promise<ReadonlyMap<string, MeasuredBike>> {
  const parts = await partsByBike(
    tx,
    bikes.map((bike) => bike.id),
  );
  const modelIds = [...new Set(bikes.flatMap((bike) => (bike.modelId ? [bike.modelId] : [])))];
  const models = new Map(
    (await tx.getRepository(modelEntity).findBy({ id: In(modelIds) })).map((model) => [model.id, model.fit]),
  );
  return new Map(
    bikes.map((bike) => [
      bike.id,
      {
        build: bike.build,
        model: (bike.modelId ? models.get(bike.modelId) : undefined) ?? {},
        own: bike.fit,
        parts: parts.get(bike.id)?.marked ?? {},
        inStore: bike.whereabouts === 'laid-up',
      },
    ]),
  );
}
