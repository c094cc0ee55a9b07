import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Assessment = Told<typeof schemas.assessment>;

export const listAssessments = route<typeof schemas.listAssessments>({
  name: 'assessments.list',
  method: 'GET',
  path: '/api/v1/assessments',
  act: 'see',
});

/** Begins an assessment: the bike stands here under a tag, held until somebody decides. */
export const openAssessment = route<typeof schemas.openAssessment>({
  name: 'assessments.open',
  method: 'POST',
  path: '/api/v1/assessments',
  act: 'edit-fleet',
});

export const priceAssessment = route<typeof schemas.priceAssessment>({
  name: 'assessments.price',
  method: 'POST',
  path: '/api/v1/assessments/:id/prices',
  act: 'edit-fleet',
});

/** Taken or left, with the reason. Taken, it is of the fleet with all that was found on it; it goes out by a release as any held bike. */
export const decideAssessment = route<typeof schemas.decideAssessment>({
  name: 'assessments.decide',
  method: 'POST',
  path: '/api/v1/assessments/:id/decision',
  act: 'edit-fleet',
});
