export { looksAfterRepair, type LaterLook } from './after-repair';
export { answerSoak } from './answer-soak';
export {
  dueAfter,
  dueTimedRechecks,
  isDue,
  USUAL_TIMING,
  TIMED_RECHECK_KINDS,
  type Gauged,
  type TimedRecheck,
  type TimedRecheckKind,
} from './timed-recheck';
