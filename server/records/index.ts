export type { BikeDocument, EntryBodies, GroupDocument, Recorded, RoundDocument, StandingRoundDocument } from './bodies';
export { changeOf, Changes, parseCursor, timelineOf } from './changes';
export { hashOf, sha256 } from './digest';
export { markDigest, markDocument } from './mark-digest';
export { rebuildProjections } from './rebuild';
export { Record, type Outcome, type Projector, type Saying } from './record';
export { orRefuse, RefusedError } from './refusal';
export { verifyRecord, type VerifyFault } from './verify';
