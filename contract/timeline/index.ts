import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Change = Told<typeof schemas.change>;

export const timeline = route<typeof schemas.timeline>({
  name: 'timeline.timeline',
  method: 'GET',
  path: '/api/v1/bikes/:id/timeline',
  act: 'see',
});

/** Server-sent events; the answer here is one event's data. */
export const changes = route<typeof schemas.changes>({
  name: 'timeline.changes',
  method: 'GET',
  path: '/api/v1/changes',
  act: 'see',
});
