export { intakeViews } from './views';
