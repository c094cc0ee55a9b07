export { bikeOfCode } from './lookup';
export { labelsFeature } from './feature';
export { labelsRoutes } from './routes';
export { Labels } from './service';
