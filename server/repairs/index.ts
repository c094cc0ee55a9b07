export { repairEntity } from './entities';
export { repairsFeature } from './feature';
export { openNeeds } from './needs';
export { repairsRoutes } from './routes';
export { findRepair, Repairs } from './service';
