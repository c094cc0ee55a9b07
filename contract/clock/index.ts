import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** A lead confirms that the server's clock is right now and was ahead before: what was checked in the time that never was counts no longer. */
export const correctClock = route<typeof schemas.correctClock>({
  name: 'clock.correct',
  method: 'POST',
  path: '/api/v1/clock',
  act: 'edit-program',
});
