import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Intake = Told<typeof schemas.intake>;

export const listIntakes = route<typeof schemas.listIntakes>({
  name: 'intakes.list',
  method: 'GET',
  path: '/api/v1/intakes',
  act: 'see',
});

/** Begins an intake: the bike stands here under a tag, held until somebody decides. */
export const openIntake = route<typeof schemas.openIntake>({
  name: 'intakes.open',
  method: 'POST',
  path: '/api/v1/intakes',
  act: 'edit-fleet',
});

export const priceIntake = route<typeof schemas.priceIntake>({
  name: 'intakes.price',
  method: 'POST',
  path: '/api/v1/intakes/:id/prices',
  act: 'edit-fleet',
});

/** Taken or left, with the reason. Taken, it is of the fleet with all that was found on it; it goes out by a release as any held bike. */
export const decideIntake = route<typeof schemas.decideIntake>({
  name: 'intakes.decide',
  method: 'POST',
  path: '/api/v1/intakes/:id/decision',
  act: 'edit-fleet',
});
