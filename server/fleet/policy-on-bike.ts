import type { EntityManager } from 'typeorm';
import { policyOn, type PolicyVersion } from '@cadre/core/catalogue';
import { siteDay } from '@cadre/core/schedule';
import { currentPolicy } from '@cadre/server/catalogue';
import { siteEntity, type BikeRow } from './entities';

/** The policy as it holds for a bike at a moment: by its kind and by the season at its site. A site without seasons costs no statement. */
export async function policyOnBike(
  tx: EntityManager,
  bike: Pick<BikeRow, 'siteId' | 'build'>,
  at: number,
): Promise<PolicyVersion> {
  const { policy } = await currentPolicy(tx);
  const { siteId } = bike;
  const { timeZone } = policy.seasons.some((season) => season.siteId === siteId)
    ? await tx.getRepository(siteEntity).findOneOrFail({ where: { id: siteId }, select: { timeZone: true } })
    : { timeZone: 'UTC' };
  return policyOn(policy, { kind: bike.build.kind, siteId, day: siteDay(at, timeZone) });
}
