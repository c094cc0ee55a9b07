import { reportIncident, reportIncidents } from '@cadre/contract/incidents';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Incidents } from './service';

export const incidentsRoutes = (incidents: Incidents): readonly Implemented[] => [
  answering(reportIncident, async ({ params, body }, actor) => incidents.report(actor, params.id, body)),
  answering(reportIncidents, async ({ body }, actor) => incidents.reportMany(actor, body)),
];
