export { bikeStateEntity, holdEntity } from './entities';
export { addFacts, endDraftHold, factsByBike, factsOf, gatherFacts, isReplaying, saveFacts } from './facts';
export { fitnessFeature } from './feature';
export { projectorOf } from './projector';
export { recordedUntil, resetRecordedUntil } from './recorded-until';
export type { BikeFeature, FactSource } from './sources';
