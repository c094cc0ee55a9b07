import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

/** What would change, asked before it is saved. Writes nothing. */
export const previewPolicy = route<typeof schemas.previewPolicy>({
  name: 'policy.preview',
  method: 'POST',
  path: '/api/v1/policy/preview',
  act: 'edit-program',
});

export const publishPolicy = route<typeof schemas.publishPolicy>({
  name: 'policy.publish',
  method: 'POST',
  path: '/api/v1/policy',
  act: 'edit-program',
});

export const policyVersions = route<typeof schemas.policyVersions>({
  name: 'policy.versions',
  method: 'GET',
  path: '/api/v1/policy/versions',
  act: 'see',
});
