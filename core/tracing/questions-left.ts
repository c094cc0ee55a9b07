import { likelihood, weightsAfter } from './chances';
import type { Cause, Trace, TraceAnswers, TraceQuestion } from './trace';

/** A question that is expected to tell less than this, in bits, is not worth a hand. */
const TELLS_NOTHING = 0.02;

const bit = (chance: number): number => (chance > 0 ? -chance * Math.log2(chance) : 0);

/** How open it still is what to do, in bits: causes that all go to a mechanic are one and the same to whoever searches. */
function bits(causes: readonly Cause[], chances: readonly number[]): number {
  let sum = 0;
  let forMechanic = 0;
  for (const [at, cause] of causes.entries())
    if (cause.mechanic) forMechanic += chances[at] ?? 0;
    else sum += bit(chances[at] ?? 0);
  return sum + bit(forMechanic);
}

/** What a question is expected to tell, in bits, with these chances of the causes in the trace's order. */
function tells(question: TraceQuestion, causes: readonly Cause[], chances: readonly number[]): number {
  const before = bits(causes, chances);
  let after = 0;
  for (let answer = 0; answer < question.answers.length; answer += 1) {
    const joint = causes.map((cause, at) => (chances[at] ?? 0) * likelihood(question, cause.key, answer));
    const sum = joint.reduce((total, each) => total + each, 0);
    if (sum > 0)
      after +=
        sum *
        bits(
          causes,
          joint.map((each) => each / sum),
        );
  }
  return before - after;
}

export interface ProposedQuestion {
  readonly question: TraceQuestion;
  /** Expected bits. */
  readonly tells: number;
}

/** The questions still worth asking, the one that tells most a minute first; of equal ones the earlier in the trace. */
export function questionsLeft(trace: Trace, answers: TraceAnswers): readonly ProposedQuestion[] {
  const weights = weightsAfter(trace, answers);
  const sum = weights.reduce((total, each) => total + each, 0);
  const chances = weights.map((each) => each / sum);
  return trace.questions
    .filter(({ key }) => !answers.has(key))
    .map((question) => ({ question, tells: tells(question, trace.causes, chances) }))
    .filter((each) => each.tells >= TELLS_NOTHING)
    .sort((a, b) => b.tells / b.question.minutes - a.tells / a.question.minutes);
}
