import { In, type EntityManager } from 'typeorm';
import { exposureSince, type CheckExposure } from '@cadre/core/exposure';
import { checklistByHash, currentPolicy } from '@cadre/server/catalogue';
import { exposureOfBikes, isByExposure, type ToAsk } from '@cadre/server/exposure';
import { factsOf } from '@cadre/server/fitness';
import { bikeEntity, findBike } from '@cadre/server/fleet';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import type { CheckRow } from './entities';

/** What a check begun now asks of a bike and what rests; nothing where the policy asks all of it. */
export async function exposureBegun(
  tx: EntityManager,
  bikeId: string,
  checklist: ChecklistVersion,
  now: number,
): Promise<{ readonly exposure?: CheckExposure }> {
  const bike = await findBike(tx, bikeId);
  const { policy } = await currentPolicy(tx);
  if (!isByExposure(policy, { bike, checklist })) return {};
  const found = await exposureOfBikes(
    tx,
    [{ bike, checklist, facts: await factsOf(tx, bikeId) }],
    policy,
    now,
  );
  const { asked, rests } = found.get(bikeId) ?? { asked: [], rests: [] };
  return { exposure: { asked, rests } };
}

/** The policy asks the whole of such bikes by now: nothing rests any more. */
const allAsked = ({ asked, rests }: CheckExposure): CheckExposure => ({
  asked: [...asked, ...rests.map(({ key }) => ({ key, because: { code: 'other-question' as const } }))],
  rests: [],
});

type Begun = Pick<CheckRow, 'id' | 'bikeId' | 'checklistHash' | 'state' | 'exposure'>;

/** What checks ask now, by check: what was asked when they were begun, and what has been exposed since. One that is over stays as it was begun. */
export async function exposuresNow(
  tx: EntityManager,
  checks: readonly Begun[],
  now: number,
): Promise<ReadonlyMap<string, CheckExposure | null>> {
  const under = checks.filter((check) => check.state === 'open' && check.exposure);
  const found = new Map(checks.map((check) => [check.id, check.exposure]));
  if (under.length === 0) return found;
  const { policy } = await currentPolicy(tx);
  const bikes = await tx.getRepository(bikeEntity).findBy({ id: In(under.map((check) => check.bikeId)) });
  for (const check of under) {
    const bike = bikes.find((each) => each.id === check.bikeId);
    if (!bike || !check.exposure) continue;
    const { checklist } = await checklistByHash(tx, check.checklistHash);
    if (!isByExposure(policy, { bike, checklist })) {
      found.set(check.id, allAsked(check.exposure));
      continue;
    }
    const asking: ToAsk = { bike, checklist, facts: await factsOf(tx, bike.id) };
    const fresh = (await exposureOfBikes(tx, [asking], policy, now)).get(bike.id);
    if (fresh) found.set(check.id, exposureSince(check.exposure, fresh));
  }
  return found;
}
