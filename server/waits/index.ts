export type { WaitEvents } from './events';
export { waitsFeature } from './feature';
export { waitsRoutes } from './routes';
export { Waits } from './service';
