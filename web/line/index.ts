export { lineViews } from './views';
