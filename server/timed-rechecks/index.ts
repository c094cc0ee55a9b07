export type { TimedRecheckEvents } from './events';
export { timedRechecksFeature } from './feature';
export { timedRechecksRoutes } from './routes';
export { TimedRechecks, type Soak } from './service';
