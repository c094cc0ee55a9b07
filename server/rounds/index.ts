export { roundEntity } from './entities';
export { roundsFeature } from './feature';
export { roundsRoutes } from './routes';
export { Rounds } from './service';
