export { lookUpCode } from './look-up';
export { labelsViews } from './views';
