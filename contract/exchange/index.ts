import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

export { BATCH } from './batch';

export const getFleetDocument = route<typeof schemas.getFleetDocument>({
  name: 'fleet.document',
  method: 'GET',
  path: '/api/v1/fleet/document',
  act: 'see',
});

/**
 * A batch of bikes to add (version null) or change. One act: refused whole, every wrong row told, when any
 * of them cannot be; a repeat of the same batch changes nothing.
 */
export const importBikes = route<typeof schemas.importBikes>({
  name: 'fleet.import',
  method: 'POST',
  path: '/api/v1/fleet/import',
  act: 'edit-fleet',
});
