export { likelyCauses, type LikelyCause } from './chances';
export { traceState, type TraceState } from './engine';
export { asksWhichEnd, traceOn } from './on-build';
export { questionsLeft } from './questions-left';
export { reasonsOf } from './reasons';
export type { Cause, Likelihood, Trace, TraceAnswers, TraceQuestion } from './trace';
