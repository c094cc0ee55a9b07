import type { Cause, Trace, TraceAnswers, TraceQuestion } from './trace';

/** So often an answer is a slip of eye or ear, whatever the cause: no one answer excludes anything for good. */
const SLIP = 0.04;

export interface LikelyCause {
  readonly cause: Cause;
  /** 0 to 1; all of a trace together are 1. */
  readonly chance: number;
}

/** How likely an answer is under a cause, slips counted in. A cause a question does not name answers as if nothing told it apart. */
export function likelihood(question: TraceQuestion, cause: string, answer: number): number {
  const of = question.likelihoods[cause];
  const even = 1 / question.answers.length;
  return (1 - SLIP) * (of?.[answer] ?? even) + SLIP * even;
}

/** How likely each cause is after what was answered, the likeliest first. */
export function likelyCauses(trace: Trace, answers: TraceAnswers): readonly LikelyCause[] {
  const weights = weightsAfter(trace, answers);
  const sum = weights.reduce((total, each) => total + each, 0);
  return trace.causes
    .map((cause, at) => ({ cause, chance: (weights[at] ?? 0) / sum }))
    .sort((a, b) => b.chance - a.chance);
}

export function weightsAfter(trace: Trace, answers: TraceAnswers): number[] {
  const weights = trace.causes.map(({ prior }) => prior);
  for (const question of trace.questions) {
    const answer = answers.get(question.key);
    if (answer === undefined || answer === null) continue;
    for (const [at, cause] of trace.causes.entries())
      weights[at] = (weights[at] ?? 0) * likelihood(question, cause.key, answer);
  }
  return weights;
}
