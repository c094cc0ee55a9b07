import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** Asks for a look later: by the clock, after outings, or both, whichever comes first. */
export const setTimedRecheck = route<typeof schemas.setTimedRecheck>({
  name: 'timed-rechecks.set',
  method: 'POST',
  path: '/api/v1/bikes/:id/timed-rechecks',
  act: 'mark',
});

/** What the look found: a soak by its second gauge reading, the others in words. */
export const answerTimedRecheck = route<typeof schemas.answerTimedRecheck>({
  name: 'timed-rechecks.answer',
  method: 'POST',
  path: '/api/v1/timed-rechecks/:id/answer',
  act: 'mark',
});
