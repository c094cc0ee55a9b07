export { findingEntity } from './entities';
export type { FindingEvents } from './events';
export { findingsFeature } from './feature';
export { findingsRoutes } from './routes';
export { findFinding, saveFindings } from './rows';
export { Findings } from './service';
