export { findingEntity } from './entities';
export { findingOfFault, zoneOfQuestion } from './finding-of';
export { findingsFeature } from './feature';
export { findingsRoutes } from './routes';
export { findFinding, findingFacts, openFindingsSince, saveFindings } from './rows';
export { Findings } from './service';
