export { changeOf, Changes, parseCursor } from './changes';
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
export { hashOf, sha256 } from './digest';
export { chainHeadEntity, entryEntity, type EntryRow } from './entities';
export { EventLog, type Projector } from './event-log';
export {
  bikeOf,
  type EventOf,
  type NewEvent,
  type Project,
  type Projections,
  type StoredEvent,
} from './events';
export { policyInForce } from './policy-in-force';
export { anchorOf, anchorWords, newRecordKey, recordKeyOf, type Anchor, type RecordKey } from './record-key';
export { rebuildProjections } from './rebuild';
export { orRefuse, RefusedError } from './refusal';
export { LiveStream } from './live-stream';
export { verifyRecord, type Proving, type Verifier, type VerifyFault } from './verify';
