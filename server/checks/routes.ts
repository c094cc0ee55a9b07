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
import { openReLook } from '@cadre/contract/repairs';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Checks } from './service';
import type { ReLooks } from './re-look';

export const checksRoutes = ({
  checks,
  reLooks,
}: {
  readonly checks: Checks;
  readonly reLooks: ReLooks;
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
  answering(openReLook, async ({ params, body }, actor) => reLooks.open(actor, params.id, body)),
];
