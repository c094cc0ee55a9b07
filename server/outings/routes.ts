import { handOut, listOutings, takeBack } from '@cadre/contract/outings';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Outings } from './service';

export const outingsRoutes = (outings: Outings): readonly Implemented[] => [
  answering(listOutings, async ({ query }, actor) => outings.list(actor, query.since)),
  answering(handOut, async ({ body }, actor) => outings.handOut(actor, body)),
  answering(takeBack, async ({ body }, actor) => outings.takeBack(actor, body)),
];
