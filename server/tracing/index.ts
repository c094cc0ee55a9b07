export { tracingFeature } from './feature';
export { tracingRoutes } from './routes';
export { Tracing } from './service';
