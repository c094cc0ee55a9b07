import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type EquipmentItem = Told<typeof schemas.equipmentItem>;

/** The tools and instruments of the program, and what was measured with those that failed. */
export const listEquipment = route<typeof schemas.listEquipment>({
  name: 'equipment.list',
  method: 'GET',
  path: '/api/v1/equipment',
  act: 'see',
});

export const setEquipment = route<typeof schemas.setEquipment>({
  name: 'equipment.set',
  method: 'PUT',
  path: '/api/v1/equipment/:id',
  act: 'edit-fleet',
});

/** A reference check: passed, or failed; then what it measured since it last passed is in doubt. */
export const checkEquipment = route<typeof schemas.checkEquipment>({
  name: 'equipment.check',
  method: 'POST',
  path: '/api/v1/equipment/:id/checks',
  act: 'repair',
});

export const withdrawEquipment = route<typeof schemas.withdrawEquipment>({
  name: 'equipment.withdraw',
  method: 'POST',
  path: '/api/v1/equipment/:id/withdrawn',
  act: 'edit-fleet',
});
