import type { EntityManager } from 'typeorm';
import { questionKey, questionsOf } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';
import { recheckChecklist } from '@cadre/core/repairs';
import { publishedCheckpoints } from '@cadre/server/catalogue';
import { findBike, fittedOf } from '@cadre/server/fleet';
import { repairEntity } from './entities';

/** Whether the question of a finding is asked of its bike as that is built now. */
export async function isStillAsked(tx: EntityManager, bikeId: string, finding: Finding): Promise<boolean> {
  const checkpoint = (await publishedCheckpoints(tx)).find((each) => each.key === finding.checkpoint);
  if (!checkpoint) return false;
  const fitted = await fittedOf(tx, await findBike(tx, bikeId));
  return questionsOf({ items: [{ checkpoint, critical: false }] }, fitted).some(
    (each) => each.key === questionKey(finding),
  );
}

/** The finished repair of a finding whose recheck would ask nothing of the bike as it is built now: nothing but closing its findings can settle it. */
export async function repairSettled(
  tx: EntityManager,
  bikeId: string,
  finding: Finding,
): Promise<string | null> {
  const repairs = await tx.getRepository(repairEntity).findBy({ bikeId, state: 'done' });
  const repair = repairs.find((each) => each.findingIds.includes(finding.id));
  if (!repair) return null;
  const bike = await findBike(tx, bikeId);
  const failed = [{ checkpoint: finding.checkpoint, position: finding.position }];
  const others = repair.findingIds.some((id) => id !== finding.id);
  const checklist = recheckChecklist(failed, repair.touched, await publishedCheckpoints(tx));
  return others || questionsOf(checklist, await fittedOf(tx, bike)).length > 0 ? null : repair.id;
}
