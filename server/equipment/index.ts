export { equipmentFeature } from './feature';
export { measuredInDoubt } from './in-doubt';
export { equipmentRoutes } from './routes';
export { Equipment } from './service';
