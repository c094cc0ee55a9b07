export type { MishapEvents } from './events';
export { mishapsFeature } from './feature';
export { mishapsRoutes } from './routes';
export { Mishaps } from './service';
