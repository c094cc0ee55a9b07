export { wearFeature } from './feature';
export { healedSince } from './read';
export { wearRoutes } from './routes';
export { Wear } from './service';
