export { repairEntity } from './entities';
export type { RepairEvents } from './events';
export { repairsFeature } from './feature';
export { openNeeds } from './needs';
export { repairsRoutes } from './routes';
export { findRepair, Repairs } from './service';
