export { nearestOf, slipOf } from './nearest';
