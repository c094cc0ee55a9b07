export { likelyCauses, type LikelyCause } from './chances';
export { traceState, type TraceState } from './engine';
export { asksWhichEnd, traceOn } from './on-build';
export { questionsLeft } from './questions-left';
export { withLearnt, withRefuted, type ProvedCause } from './learnt';
export { positionOfCause } from './place';
export { reasonsOf } from './reasons';
export {
  hoursApart,
  recordedAnswers,
  samePunctureHour,
  withRecorded,
  type RecordedAnswer,
  type RecordRule,
  type TraceRecord,
} from './record';
export {
  causesHolding,
  TRACE_ORIGINS,
  TRACE_RESULTS,
  traceHere,
  type TraceOrigin,
  type TraceResult,
} from './run';
export type { Cause, Likelihood, Trace, TraceAnswers, TraceQuestion } from './trace';
