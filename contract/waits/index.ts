import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** Asks for a look later: by the clock, after outings, or both, whichever comes first. */
export const setWait = route<typeof schemas.setWait>({
  name: 'waits.set',
  method: 'POST',
  path: '/api/v1/bikes/:id/waits',
  act: 'mark',
});

/** What the look found: a soak by its second gauge reading, the others in words. */
export const answerWait = route<typeof schemas.answerWait>({
  name: 'waits.answer',
  method: 'POST',
  path: '/api/v1/waits/:id/answer',
  act: 'mark',
});
