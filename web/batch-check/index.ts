export { batchCheckViews } from './views';
