import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** Something happened to a bike: told by whoever takes it back. It is held at once, until somebody has looked it over for just that. */
export const reportIncident = route<typeof schemas.reportIncident>({
  name: 'incidents.report',
  method: 'POST',
  path: '/api/v1/bikes/:id/incidents',
  act: 'hand-out',
});
