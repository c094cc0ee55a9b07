import { setSeverity, findingsOfBike, mergeFindings } from '@cadre/contract/findings';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Findings } from './service';

export const findingsRoutes = (findings: Findings): readonly Implemented[] => [
  answering(setSeverity, async ({ params, body }, actor) => findings.setSeverity(actor, params.id, body)),
  answering(findingsOfBike, async ({ params, query }, actor) => findings.ofBike(actor, params.id, query)),
  answering(mergeFindings, async ({ params, body }, actor) => findings.merge(actor, params.id, body)),
];
