import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type EventPrep = Told<typeof schemas.eventPrep>;

export const listEventPreps = route<typeof schemas.listEventPreps>({
  name: 'event-preps.list',
  method: 'GET',
  path: '/api/v1/event-preps',
  act: 'see',
});

export const setEventPrep = route<typeof schemas.setEventPrep>({
  name: 'event-preps.set',
  method: 'PUT',
  path: '/api/v1/event-preps/:id',
  act: 'sign',
});

/** The event does not happen: its open rounds are closed. */
export const callOffEvent = route<typeof schemas.callOffEvent>({
  name: 'event-preps.call-off',
  method: 'POST',
  path: '/api/v1/event-preps/:id/call-off',
  act: 'sign',
});
