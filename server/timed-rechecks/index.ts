export type { TimedRecheckEvents } from './events';
export { timedRechecksFeature } from './feature';
export { timedRechecksRoutes } from './routes';
export { TimedRechecks } from './service';
