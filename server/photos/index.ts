export type { PhotoEvents } from './events';
export { photosFeature } from './feature';
export { photosRoutes } from './routes';
export { Photos } from './service';
