export { tracingViews } from './views';
