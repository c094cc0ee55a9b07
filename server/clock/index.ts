export { clockFeature } from './feature';
export { clockRoutes } from './routes';
export { Clock } from './service';
