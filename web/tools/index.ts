export { toolsViews } from './views';
