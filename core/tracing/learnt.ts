import type { Trace } from './trace';

/** How often a cause was proved by its repair in this program. */
export interface ProvedCause {
  readonly trace: string;
  readonly cause: string;
  readonly count: number;
}

/** The shipped priors count as so many cases of one's own. */
const SHIPPED_WORTH = 20;
/** A cause whose repair did not end the symptom is this much less likely than it was. */
const REFUTED = 0.05;

/**
 * A search with its priors drawn towards how often each cause was proved in this program: shipped share times 20 cases plus the program's own count. With none of
 * one's own it is the shipped one.
 */
export function withLearnt(trace: Trace, proved: readonly ProvedCause[]): Trace {
  const own = new Map(
    proved.filter((each) => each.trace === trace.key).map((each) => [each.cause, each.count]),
  );
  if (own.size === 0) return trace;
  const sum = trace.causes.reduce((total, { prior }) => total + prior, 0);
  return {
    ...trace,
    causes: trace.causes.map((cause) => ({
      ...cause,
      prior: (cause.prior / sum) * SHIPPED_WORTH + (own.get(cause.key) ?? 0),
    })),
  };
}

/** A search in which these causes were repaired and the symptom stayed. */
export function withRefuted(trace: Trace, refuted: readonly string[]): Trace {
  if (refuted.length === 0) return trace;
  return {
    ...trace,
    causes: trace.causes.map((cause) =>
      refuted.includes(cause.key) ? { ...cause, prior: cause.prior * REFUTED } : cause,
    ),
  };
}
