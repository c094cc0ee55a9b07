import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

export const setSeverity = route<typeof schemas.setSeverity>({
  name: 'findings.set-severity',
  method: 'POST',
  path: '/api/v1/findings/:id/severity',
  act: 'raise-severity',
});

/** Every finding a bike ever had, the newest first; `before` goes on where an answer left off. */
export const findingsOfBike = route<typeof schemas.findingsOfBike>({
  name: 'findings.of-bike',
  method: 'GET',
  path: '/api/v1/bikes/:id/findings',
  act: 'see',
});

/** A finding whose part is no longer on the bike, closed by name with a reason. */
export const closeFinding = route<typeof schemas.closeFinding>({
  name: 'findings.close',
  method: 'POST',
  path: '/api/v1/findings/:id/close',
  act: 'repair',
});

/** Two findings of one bike that are one: `otherId` is closed into this one. */
export const mergeFindings = route<typeof schemas.mergeFindings>({
  name: 'findings.merge',
  method: 'POST',
  path: '/api/v1/findings/:id/merge',
  act: 'raise-severity',
});
