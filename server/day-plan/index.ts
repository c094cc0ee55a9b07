export { dayPlanFeature } from './feature';
export { dayPlanRoutes } from './routes';
export { DayPlans } from './service';
