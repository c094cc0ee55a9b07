export { findingEntity } from './entities';
export { findingsFeature } from './feature';
export { findingsRoutes } from './routes';
export { findFinding, findingFacts, openFindingsSince, saveFindings } from './rows';
export { Findings } from './service';
