import { In, type EntityManager } from 'typeorm';
import { RefusedError } from '@cadre/server/platform/event-log';
import { bikeEntity, type BikeRow } from './entities';

/** The bikes of an act, in its order, all of the site whose chain it is written on. */
export async function bikesOfOneSite(
  tx: EntityManager,
  bikeIds: readonly string[],
): Promise<readonly BikeRow[]> {
  const rows = new Map(
    (await tx.getRepository(bikeEntity).findBy({ id: In([...bikeIds]) })).map((row) => [row.id, row]),
  );
  const bikes = bikeIds.map((id, at) => {
    const bike = rows.get(id);
    if (!bike) throw new RefusedError('not-found', { what: 'bike' });
    const wrong = (code: 'twice' | 'not-at-this-site') =>
      new RefusedError('body.invalid', {}, { fields: [{ path: `bikeIds.${at}`, code }] });
    if (bikeIds.indexOf(id) !== at) throw wrong('twice');
    if (bike.siteId !== rows.get(bikeIds[0] ?? '')?.siteId) throw wrong('not-at-this-site');
    return bike;
  });
  return bikes;
}
