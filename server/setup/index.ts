export { setupFeature } from './feature';
export { setupRoutes } from './routes';
export { Setup } from './service';
