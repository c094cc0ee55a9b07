export type { RoundEvents } from './events';
export { roundsFeature } from './feature';
export { roundsRoutes } from './routes';
export { Rounds } from './service';
