export { policyFeature } from './feature';
export { policyRoutes } from './routes';
export { Policies } from './service';
