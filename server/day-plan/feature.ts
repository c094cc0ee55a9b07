import type { Feature } from '@cadre/server/platform/feature';
import { dayPlanEntity } from './entities';
import { dayPlanProjections } from './events';

export const dayPlanFeature: Feature = {
  name: 'day-plan',
  projected: [dayPlanEntity],
  taken: { day_plan_of: 'conflict.version' },
  projections: dayPlanProjections,
  may: { 'day-plan.set': 'sign' },
};
