export { intakeEntity } from './entities';
export type { IntakeEvents } from './events';
export { intakeFeature } from './feature';
export { intakeRoutes } from './routes';
export { Intakes } from './service';
