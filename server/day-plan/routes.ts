import { listDayPlans, setDayPlan } from '@cadre/contract/day-plan';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { DayPlans } from './service';

export const dayPlanRoutes = (plans: DayPlans): readonly Implemented[] => [
  answering(listDayPlans, async (_sent, actor) => plans.list(actor)),
  answering(setDayPlan, async ({ params, body }, actor) => plans.set(actor, params.id, body)),
];
