import type { Finding } from '@cadre/core/findings';
import type { FleetEvents } from '@cadre/server/fleet';
import type { Projections } from '@cadre/server/platform/event-log';
import { saveFindings } from './rows';

export interface FindingEvents {
  'finding.severity-set': { bikeId: string; finding: Finding; reason: string };
  'finding.merged': { bikeId: string; finding: Finding; closed: Finding };
}

export const findingProjections: Projections<FindingEvents> = {
  'finding.severity-set': (tx, { body }) => saveFindings(tx, body.bikeId, [body.finding]),
  'finding.merged': (tx, { body }) => saveFindings(tx, body.bikeId, [body.finding, body.closed]),
};

export const findingsListen: Pick<Projections<FleetEvents>, 'bike.moved'> = {
  /** One outing more for what is to be repaired within so many. */
  async 'bike.moved'(tx, { body: { bikeId, to } }) {
    if (to === 'out')
      await tx.query(
        "UPDATE finding SET outingsUsed = outingsUsed + 1 WHERE bikeId = ? AND severity = 'soon' AND state <> 'closed'",
        [bikeId],
      );
  },
};
