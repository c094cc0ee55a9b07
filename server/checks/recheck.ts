import type { Check } from '@cadre/contract/checks';
import type { BodyOf } from '@cadre/contract/http';
import type { openRecheck } from '@cadre/contract/repairs';
import { questionsOf } from '@cadre/core/catalogue';
import { recheckChecklist, wheelsRenewed } from '@cadre/core/repairs';
import { publishedCheckpoints } from '@cadre/server/catalogue';
import { factsOf } from '@cadre/server/fitness';
import { findBike, fittedOf } from '@cadre/server/fleet';
import { chainOfBikeOf, hashOf, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { findRepair } from '@cadre/server/repairs';
import { checkEntity } from './entities';
import type { CheckEvents } from './events';
import { describeCheck } from './read';

/** Checks of what a repair worked on. */
export class Rechecks {
  constructor(private readonly log: EventLog<CheckEvents>) {}

  /** Opens the recheck of a finished repair: what failed and what the work touched, as a check of its own. */
  async open(actor: Actor, repairId: string, body: BodyOf<typeof openRecheck>): Promise<Check> {
    requireAct(actor, 'recheck');
    return this.log.act(
      {
        chain: chainOfBikeOf('repair', 'repair', repairId),
        id: body.id,
        request: { repairId, ...body },
        author: actor.id,
      },
      async (tx) => {
        const repair = await findRepair(tx, repairId);
        if (repair.state === 'started') throw new RefusedError('repair.not-done-yet');
        const open = repair.recheckCheckId
          ? await tx.getRepository(checkEntity).findOneBy({ id: repair.recheckCheckId, state: 'open' })
          : null;
        if (open)
          throw new RefusedError(
            'conflict.check-open',
            { checkId: open.id },
            { current: await describeCheck(tx, open.id, body.at) },
          );
        const facts = await factsOf(tx, repair.bikeId);
        const failed = facts.findings.filter((finding) => repair.findingIds.includes(finding.id));
        const checklist = recheckChecklist(
          failed,
          repair.touched,
          await publishedCheckpoints(tx),
          wheelsRenewed(repair.used, repair.touched),
        );
        const bike = await findBike(tx, repair.bikeId);
        if (questionsOf(checklist, await fittedOf(tx, bike)).length === 0)
          throw new RefusedError('repair.nothing-to-recheck');
        return {
          kind: 'check.opened',
          body: {
            bikeId: repair.bikeId,
            checkId: body.id,
            checklistHash: hashOf(checklist),
            openedBy: actor.id,
            recheck: { repairId, checklist },
          },
          happenedAt: body.at,
        };
      },
      (tx) => describeCheck(tx, body.id, body.at),
    );
  }
}
