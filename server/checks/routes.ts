import {
  openCheck,
  getCheck,
  addMarks,
  signCheck,
  coSignCheck,
  amendCheck,
  findChecks,
  listLooks,
  listChecks,
  listServices,
} from '@cadre/contract/checks';
import { openRecheck } from '@cadre/contract/repairs';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Checks } from './service';
import type { Rechecks } from './recheck';

export const checksRoutes = ({
  checks,
  rechecks,
}: {
  readonly checks: Checks;
  readonly rechecks: Rechecks;
}): readonly Implemented[] => [
  answering(openCheck, async ({ body }, actor) => checks.open(actor, body)),
  answering(getCheck, async ({ params }, actor) => checks.get(actor, params.id)),
  answering(addMarks, async ({ params, body }, actor) => checks.mark(actor, params.id, body)),
  answering(signCheck, async ({ params, body }, actor) => checks.sign(actor, params.id, body)),
  answering(coSignCheck, async ({ params, body }, actor) => checks.coSign(actor, params.id, body)),
  answering(amendCheck, async ({ params, body }, actor) => checks.amend(actor, params.id, body)),
  answering(findChecks, async ({ body }, actor) => checks.find(actor, body)),
  answering(listLooks, async ({ params }, actor) => checks.looks(actor, params.id)),
  answering(listChecks, async ({ params, query }, actor) => checks.list(actor, params.id, query.most)),
  answering(listServices, async ({ params }, actor) => checks.services(actor, params.id)),
  answering(openRecheck, async ({ params, body }, actor) => rechecks.open(actor, params.id, body)),
];
