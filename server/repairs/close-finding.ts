import type { EntityManager } from 'typeorm';
import type { closeFinding } from '@cadre/contract/findings';
import type { BodyOf } from '@cadre/contract/http';
import { closeUnasked } from '@cadre/core/findings';
import { currentPolicy } from '@cadre/server/catalogue';
import { findFinding } from '@cadre/server/findings';
import { orRefuse, type NewEvent } from '@cadre/server/platform/event-log';
import { isStillAsked, repairSettled } from './asked-still';
import type { RepairEvents } from './events';

/** What closing a finding says whose part is no longer on the bike, by name. What held the bike waits for its release. */
export async function closingOf(
  tx: EntityManager,
  findingId: string,
  body: BodyOf<typeof closeFinding>,
  by: string,
  now: number,
): Promise<NewEvent<RepairEvents>> {
  const { bikeId, finding: before } = await findFinding(tx, findingId);
  const { policy } = await currentPolicy(tx);
  const isAsked = await isStillAsked(tx, bikeId, before);
  const finding = orRefuse(closeUnasked({ finding: before, isAsked, by, policy, now }));
  const settles = await repairSettled(tx, bikeId, before);
  return {
    kind: 'finding.closed',
    body: { bikeId, finding, reason: body.reason, settles },
    happenedAt: body.at,
  };
}
