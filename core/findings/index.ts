export { closeUnasked, type CloseUnasked } from './close-unasked';
export { asMeasured, PAST_LIMIT, readingSays, type MeasuredAnswer, type ReadingSays } from './as-measured';
export {
  FINDING_STATES,
  isOverdue,
  isStopNow,
  KEEPS_COMING_BACK,
  type Finding,
  type MeasuredFault,
  type FindingState,
  type FindingWords,
  type SoonLimit,
} from './finding';
export { readingEffect, type ReadingEffect } from './reading-effect';
export { judgeCheck, type FindingChange, type Judgement, type JudgeInput } from './judge-check';
export { mergeFindings, type Merged } from './merge';
export { floorOf, limitFor, maySetSeverity, severityOf } from './severity';
export { underPolicy } from './under-policy';
export {
  similarFaults,
  SIBLING_REASONS,
  TELLING_WORK_MS,
  type Mate,
  type PastWork,
  type Sibling,
  type SiblingReason,
} from './similar-faults';
