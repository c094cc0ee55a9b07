export { riderFitViews } from './views';
