export { photosFeature } from './feature';
export { photosRoutes } from './routes';
export { Photos } from './service';
