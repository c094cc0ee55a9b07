export { photoEntity } from './entities';
export type { PhotoEvents } from './events';
export { photosFeature } from './feature';
export { photosRoutes } from './routes';
export { Photos } from './service';
export { reEncode } from './re-encode';
