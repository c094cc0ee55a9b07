import {
  listAssessments,
  openAssessment,
  priceAssessment,
  decideAssessment,
} from '@cadre/contract/assessments';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Assessments } from './service';

export const assessmentRoutes = (assessments: Assessments): readonly Implemented[] => [
  answering(listAssessments, async (_call, actor) => assessments.list(actor)),
  answering(openAssessment, async ({ body }, actor) => assessments.open(actor, body)),
  answering(priceAssessment, async ({ params, body }, actor) => assessments.price(actor, params.id, body)),
  answering(decideAssessment, async ({ params, body }, actor) => assessments.decide(actor, params.id, body)),
];
