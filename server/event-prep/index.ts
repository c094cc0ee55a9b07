export { eventPrepFeature } from './feature';
export { comingEvents, describeEvents } from './read';
export { eventPrepRoutes } from './routes';
export { STEP_WORDS } from './step-words';
export { EventPreps } from './service';
