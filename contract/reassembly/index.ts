import { route } from '@cadre/contract/http';
import type * as schemas from './schemas';

export const leaveApart = route<typeof schemas.leaveApart>({
  name: 'not-reassembled.open',
  method: 'POST',
  path: '/api/v1/bikes/:id/not-reassembled',
  act: 'mark',
});

export const putTogether = route<typeof schemas.putTogether>({
  name: 'not-reassembled.close',
  method: 'POST',
  path: '/api/v1/not-reassembled/:id/close',
  act: 'mark',
});
