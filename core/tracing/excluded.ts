import type { LikelyCause } from './chances';
import type { Cause, Trace, TraceAnswers, TraceQuestion } from './trace';

/**
 * A cause that stops the bike is excluded when it is less likely than this and an answer was given that is seldom under it and usual under the others: being rare
 * alone excludes nothing.
 */
const EXCLUDED = 0.03;
const SELDOM = 0.2;
const USUAL = 0.5;
/** Whether an answer speaks against a cause: seldom under it, usual under the others. */
function speaksAgainst(
  { causes }: Trace,
  { likelihoods }: TraceQuestion,
  answer: number,
  cause: string,
): boolean {
  if ((likelihoods[cause]?.[answer] ?? 1) > SELDOM) return false;
  const others = causes.filter(({ key }) => key !== cause);
  return others.reduce((sum, { key }) => sum + (likelihoods[key]?.[answer] ?? 0), 0) >= USUAL * others.length;
}

/** Causes that stop the bike and that no answer has excluded, the likeliest first. */
export function notExcludedOf(
  trace: Trace,
  answers: TraceAnswers,
  likely: readonly LikelyCause[],
): readonly Cause[] {
  const isExcluded = ({ cause, chance }: LikelyCause): boolean =>
    chance < EXCLUDED &&
    trace.questions.some((question) => {
      const answer = answers.get(question.key);
      return typeof answer === 'number' && speaksAgainst(trace, question, answer, cause.key);
    });
  return likely.filter((each) => each.cause.stop && !isExcluded(each)).map(({ cause }) => cause);
}

/** The quickest questions left that can exclude causes that stop the bike, each once. */
export function excluding(
  trace: Trace,
  answers: TraceAnswers,
  causes: readonly Cause[],
): readonly TraceQuestion[] {
  const found = causes.flatMap(({ key }) => {
    const [quickest] = trace.questions
      .filter(
        (each) =>
          !answers.has(each.key) &&
          each.answers.some((_words, answer) => speaksAgainst(trace, each, answer, key)),
      )
      .toSorted((a, b) => a.minutes - b.minutes);
    return quickest ? [quickest] : [];
  });
  return [...new Set(found)];
}
