export { kitFeature } from './feature';
export { kitRoutes } from './routes';
export { Kit, kitPartNeeds } from './service';
