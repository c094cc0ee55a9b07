import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** Something happened to a bike: told by whoever takes it back. It is held at once, until somebody has looked it over for just that. */
export const reportIncident = route<typeof schemas.reportIncident>({
  name: 'incidents.report',
  method: 'POST',
  path: '/api/v1/bikes/:id/incidents',
  act: 'hand-out',
});

/** The same happened to several bikes of one site, one wash or one van: each is held. */
export const reportIncidents = route<typeof schemas.reportIncidents>({
  name: 'incidents.report-many',
  method: 'POST',
  path: '/api/v1/incidents',
  act: 'hand-out',
});
