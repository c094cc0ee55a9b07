import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type DayPlanTold = Told<typeof schemas.dayPlan>;

/** The plans of today and the days to come. */
export const listDayPlans = route<typeof schemas.listDayPlans>({
  name: 'day-plans.list',
  method: 'GET',
  path: '/api/v1/day-plans',
  act: 'see',
});

export const setDayPlan = route<typeof schemas.setDayPlan>({
  name: 'day-plans.set',
  method: 'PUT',
  path: '/api/v1/day-plans/:id',
  act: 'sign',
});
