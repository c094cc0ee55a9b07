import { evaluateFitness, isClockBehind, type FitnessAnswer, type FitnessFacts } from '@cadre/core/fitness';

interface Kept {
  readonly from: number;
  readonly answer: FitnessAnswer;
}

/**
 * May a bike go out, asked of the same facts over and over: the answer is kept until the clock alone can change it, so that a tick of the
 * clock or one bike's change need not judge a whole fleet anew.
 */
export function keepAnswers(): (facts: FitnessFacts, at: number, recordedUntil?: number) => FitnessAnswer {
  const kept = new WeakMap<FitnessFacts, Kept>();
  return (facts, at, recordedUntil = at) => {
    if (isClockBehind(at, recordedUntil)) return evaluateFitness(facts, at, recordedUntil);
    const before = kept.get(facts);
    const reached = Math.max(at, recordedUntil);
    if (before && at >= before.from && reached < (before.answer.nextChangeAt ?? Infinity))
      return before.answer;
    const answer = evaluateFitness(facts, at, recordedUntil);
    kept.set(facts, { from: at, answer });
    return answer;
  };
}
