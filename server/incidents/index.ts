export type { IncidentEvents } from './events';
export { incidentsFeature } from './feature';
export { incidentsRoutes } from './routes';
export { Incidents } from './service';
