import { reportIncident } from '@cadre/contract/incidents';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Incidents } from './service';

export const incidentsRoutes = (incidents: Incidents): readonly Implemented[] => [
  answering(reportIncident, async ({ params, body }, actor) => incidents.report(actor, params.id, body)),
];
