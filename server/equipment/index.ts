export { equipmentFeature } from './feature';
export { equipmentRoutes } from './routes';
export { Equipment } from './service';
