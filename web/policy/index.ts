export { policyViews } from './views';
