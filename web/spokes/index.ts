export { spokesViews } from './views';
