import { reportMishap } from '@cadre/contract/mishaps';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Mishaps } from './service';

export const mishapsRoutes = (mishaps: Mishaps): readonly Implemented[] => [
  answering(reportMishap, async ({ params, body }, actor) => mishaps.report(actor, params.id, body)),
];
