import { endsValidity, type Incident } from '@cadre/core/incidents';
import { endValidity } from '@cadre/server/checks';
import type { Projections } from '@cadre/server/platform/event-log';
import { incidentEntity } from './entities';

export interface IncidentEvents {
  'incident.reported': { bikeId: string; incident: Incident };
}

export const incidentProjections: Projections<IncidentEvents> = {
  /** Written down, and what the bike was looked over for before it happened no longer counts, where it may have changed. */
  async 'incident.reported'(tx, { body: { bikeId, incident }, recordedAt }) {
    const { id, kind, by, note } = incident;
    const at = new Date(incident.at);
    await tx.getRepository(incidentEntity).insert({ id, bikeId, kind, at, by, note });
    if (endsValidity(kind)) await endValidity(tx, [bikeId], { happenedAt: incident.at, recordedAt });
  },
};
