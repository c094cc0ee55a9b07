import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';
import type { Told } from '@cadre/contract/http';

/** One service of a bike: when it was last done and when it falls due. */
export type BikeService = Told<typeof schemas.bikeService>;

/** Every service of a bike, what its computer stood at, and when each falls due. */
export const getServices = route<typeof schemas.getServices>({
  name: 'services.of-bike',
  method: 'GET',
  path: '/api/v1/bikes/:id/service-due',
  act: 'see',
});

/** A service was done, outside a check or a repair. */
export const doneService = route<typeof schemas.doneService>({
  name: 'services.done',
  method: 'POST',
  path: '/api/v1/bikes/:id/services/:key/done',
  act: 'mark',
});

/** What the bike's computer stands at. */
export const readOdometer = route<typeof schemas.readOdometer>({
  name: 'services.odometer',
  method: 'POST',
  path: '/api/v1/bikes/:id/odometer',
  act: 'hand-out',
});
