import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type KitItem = Told<typeof schemas.kitItem>;

export const listKit = route<typeof schemas.listKit>({
  name: 'kit.list',
  method: 'GET',
  path: '/api/v1/kit',
  act: 'see',
});

/** Adds an item, or changes how it is set up. */
export const setKitItem = route<typeof schemas.setKitItem>({
  name: 'kit.set-item',
  method: 'PUT',
  path: '/api/v1/kit/:id',
  act: 'edit-fleet',
});

/** Sets items aside for a group, in place of those before; none: it takes nothing along. */
export const packKit = route<typeof schemas.packKit>({
  name: 'kit.pack',
  method: 'POST',
  path: '/api/v1/kit/packed',
  act: 'hand-out',
});

export const lendKit = route<typeof schemas.lendKit>({
  name: 'kit.lend',
  method: 'POST',
  path: '/api/v1/kit/lent',
  act: 'hand-out',
});

/** Takes items back, saying what is missing, whether they are damp and whether they took an impact. */
export const returnKit = route<typeof schemas.returnKit>({
  name: 'kit.return',
  method: 'POST',
  path: '/api/v1/kit/returned',
  act: 'hand-out',
});

/** An item was looked over, dried and filled up: it may be lent again, or it is withdrawn. */
export const inspectKit = route<typeof schemas.inspectKit>({
  name: 'kit.inspect',
  method: 'POST',
  path: '/api/v1/kit/:id/inspected',
  act: 'mark',
});
