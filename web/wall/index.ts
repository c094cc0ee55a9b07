export { wallViews } from './views';
export { type Grouping } from './wall-lines';
