export { dayPlanViews } from './views';
