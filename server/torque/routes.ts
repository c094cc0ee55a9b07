import { looseJoints } from '@cadre/contract/torque';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Torque } from './service';

export const torqueRoutes = (torque: Torque): readonly Implemented[] => [
  answering(looseJoints, async ({ params }, actor) => torque.looseJoints(actor, params.id)),
];
