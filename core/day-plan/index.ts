export { planDay, planDayQuickly, type PlannedDay } from './plan-day';
export {
  UNMET_BECAUSE,
  WORKS,
  type DayPlan,
  type PlanBike,
  type PlanPerson,
  type PlanProblem,
  type Unmet,
  type Work,
} from './problem';
