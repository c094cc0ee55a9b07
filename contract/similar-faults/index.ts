import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** Other bikes where the fault of a finding may be too, why, and whether anybody has looked since. */
export const listSimilarFaults = route<typeof schemas.listSimilarFaults>({
  name: 'similar-faults.list',
  method: 'GET',
  path: '/api/v1/findings/:id/similar-faults',
  act: 'see',
});
