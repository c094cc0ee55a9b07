import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type LooseJointTold = Told<typeof schemas.looseJoint>;

/** The joints of a bike that come loose again and again, on it or on bikes of its model. */
export const looseJoints = route<typeof schemas.looseJoints>({
  name: 'torque.loose-joints',
  method: 'GET',
  path: '/api/v1/bikes/:id/loose-joints',
  act: 'see',
});
