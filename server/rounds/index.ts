export { roundEntity } from './entities';
export type { RoundEvents } from './events';
export { roundsFeature } from './feature';
export { describeRounds } from './read';
export { roundClosed } from './round-closed';
export { roundsRoutes } from './routes';
export { Rounds } from './service';
