import type { Fitted, Position } from '@cadre/core/catalogue';
import { traceState } from './engine';
import { withLearnt, withRefuted, type ProvedCause } from './learnt';
import { traceOn } from './on-build';
import type { Cause, Trace, TraceAnswers } from './trace';

/** What a search began from: nothing but a symptom, a question at the stand, a finding, or a report. */
export const TRACE_ORIGINS = ['symptom', 'question', 'finding', 'report'] as const;
export type TraceOrigin = (typeof TRACE_ORIGINS)[number];

/** How a search ended: with a finding, handed over to a workshop, or with no cause found. */
export const TRACE_RESULTS = ['finding', 'handed-over', 'not-found'] as const;
export type TraceResult = (typeof TRACE_RESULTS)[number];

/** The causes that stop a bike and that neither answers nor a repair have excluded; the found one has a finding of its own. */
export function causesHolding(
  trace: Trace,
  answers: TraceAnswers,
  { found, refuted }: { readonly found: string | null; readonly refuted: readonly string[] },
): readonly Cause[] {
  return traceState(trace, answers).notExcluded.filter(({ key }) => key !== found && !refuted.includes(key));
}

/** A search as it is asked on one bike: the build's, with what this program has proved and what a repair here has refuted. */
export function traceHere(
  trace: Trace,
  {
    fitted,
    position,
    proved,
    refuted,
  }: {
    readonly fitted: Fitted | null;
    readonly position: Position;
    readonly proved: readonly ProvedCause[];
    readonly refuted: readonly string[];
  },
): Trace {
  return withRefuted(withLearnt(traceOn(trace, fitted, position), proved), refuted);
}
