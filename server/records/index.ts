export type {
  BikeDocument,
  EntryBodies,
  GroupDocument,
  StoredEvent,
  RoundDocument,
  StandingRoundDocument,
} from './bodies';
export { changeOf, Changes, parseCursor, timelineOf } from './changes';
export { hashOf, sha256 } from './digest';
export { markDigest, markDocument } from './mark-digest';
export { policyInForce } from './policy-in-force';
export { rebuildProjections } from './rebuild';
export {
  chainNamed,
  chainOfBike,
  chainOfBikeOf,
  chainOfSentSite,
  chainOfSite,
  chainOfSiteOf,
  PROGRAM_CHAIN,
  type Chain,
} from './chain';
export { EventLog, type NewEvent, type Outcome, type Projector } from './event-log';
export { orRefuse, RefusedError } from './refusal';
export { verifyRecord, type VerifyFault } from './verify';
