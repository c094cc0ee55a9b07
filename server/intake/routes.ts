import { listIntakes, openIntake, priceIntake, decideIntake } from '@cadre/contract/intake';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Intakes } from './service';

export const intakeRoutes = (intakes: Intakes): readonly Implemented[] => [
  answering(listIntakes, async (_call, actor) => intakes.list(actor)),
  answering(openIntake, async ({ body }, actor) => intakes.open(actor, body)),
  answering(priceIntake, async ({ params, body }, actor) => intakes.price(actor, params.id, body)),
  answering(decideIntake, async ({ params, body }, actor) => intakes.decide(actor, params.id, body)),
];
