export { guidesViews } from './views';
