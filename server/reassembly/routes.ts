import { leaveApart, putTogether } from '@cadre/contract/reassembly';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Reassembly } from './service';

export const reassemblyRoutes = (reassembly: Reassembly): readonly Implemented[] => [
  answering(leaveApart, async ({ params, body }, actor) => reassembly.leaveApart(actor, params.id, body)),
  answering(putTogether, async ({ params, body }, actor) => reassembly.putTogether(actor, params.id, body)),
];
