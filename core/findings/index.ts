export { closeUnasked } from './close-unasked';
export { asMeasured, PAST_LIMIT, readingSays, type MeasuredAnswer } from './as-measured';
export { FINDING_STATES, isOverdue, isStopNow, type Finding, type FindingState } from './finding';
export { readingEffect } from './reading-effect';
export { judgeCheck, type FindingChange, type Judgement } from './judge-check';
export { isSameFault, stopsOf, withStops } from './marked-stops';
export { mergeFindings } from './merge';
export { floorOf, limitFor, maySetSeverity, severityOf } from './severity';
export { underPolicy } from './under-policy';
export {
  similarFaults,
  SIBLING_REASONS,
  TELLING_WORK_MS,
  type Mate,
  type SiblingReason,
} from './similar-faults';
