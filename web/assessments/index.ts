export { assessmentViews } from './views';
