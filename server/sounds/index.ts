export { soundsFeature } from './feature';
export { soundsRoutes } from './routes';
export { Sounds } from './service';
