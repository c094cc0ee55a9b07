import type { DataSource } from 'typeorm';
import { closeFinding } from '@cadre/contract/findings';
import {
  listCosts,
  planRepair,
  hangTag,
  listRepairs,
  startRepair,
  finishRepair,
  releaseBike,
} from '@cadre/contract/repairs';
import { answering, type Implemented } from '@cadre/server/platform/http';
import { repairCosts } from './costs';
import type { Repairs } from './service';

export const repairsRoutes = ({
  repairs,
  source,
}: {
  readonly repairs: Repairs;
  readonly source: DataSource;
}): readonly Implemented[] => [
  answering(closeFinding, async ({ params, body }, actor) => repairs.closeFinding(actor, params.id, body)),
  answering(listCosts, async ({ query }, actor) => repairCosts(source, actor, query)),
  answering(planRepair, async ({ params, body }, actor) => repairs.plan(actor, params.id, body)),
  answering(hangTag, async ({ params, body }, actor) => repairs.hangTag(actor, params.id, body)),
  answering(listRepairs, async ({ query }, actor) => repairs.list(actor, query)),
  answering(startRepair, async ({ body }, actor) => repairs.start(actor, body)),
  answering(finishRepair, async ({ params, body }, actor) => repairs.finish(actor, params.id, body)),
  answering(releaseBike, async ({ params, body }, actor) => repairs.release(actor, params.id, body)),
];
