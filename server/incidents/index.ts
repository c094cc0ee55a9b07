export { incidentsFeature } from './feature';
export { incidentsRoutes } from './routes';
export { Incidents } from './service';
