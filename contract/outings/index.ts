import type { Outing as CoreOuting } from '@cadre/core/outings';
import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** An outing, with the name its group had. */
export type Outing = CoreOuting & { readonly groupName: string };

/** What is out, what was out of late, and how often each bike went out in the last days. */
export const listOutings = route<typeof schemas.listOutings>({
  name: 'outings.list',
  method: 'GET',
  path: '/api/v1/outings',
  act: 'see',
});

/** Hands out bikes of one site, to a group or to a walk-in: all of them or none. */
export const handOut = route<typeof schemas.handOut>({
  name: 'outings.hand-out',
  method: 'POST',
  path: '/api/v1/outings',
  act: 'hand-out',
});

/** Takes bikes of one site back, saying how they come back. */
export const takeBack = route<typeof schemas.takeBack>({
  name: 'outings.take-back',
  method: 'POST',
  path: '/api/v1/outings/back',
  act: 'hand-out',
});
