import type { Incident } from '@cadre/core/incidents';

export interface IncidentEvents {
  'incident.reported': { bikeId: string; incident: Incident };
}
