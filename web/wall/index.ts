export { wallViews } from './views';
