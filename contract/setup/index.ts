import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

export const setupState = route<typeof schemas.setupState>({
  name: 'setup.state',
  method: 'GET',
  path: '/api/v1/setup',
  act: 'public',
});

export const setUp = route<typeof schemas.setUp>({
  name: 'setup.do',
  method: 'POST',
  path: '/api/v1/setup',
  act: 'public',
});

export const health = route<typeof schemas.health>({
  name: 'health',
  method: 'GET',
  path: '/api/health',
  act: 'public',
});
