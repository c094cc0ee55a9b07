export {
  asksWhichEnd,
  likelyCauses,
  reasonsOf,
  questionsLeft,
  traceOn,
  traceState,
  type LikelyCause,
  type TraceState,
} from './engine';
export type { Cause, Likelihood, Trace, TraceAnswers, TraceQuestion } from './trace';
