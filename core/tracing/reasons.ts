import { likelihood } from './chances';
import type { Trace, TraceAnswers, TraceQuestion } from './trace';

/** What an answer did to a cause: it made it so many times likelier beside the others, or less likely. */
interface SpokenFor {
  readonly question: TraceQuestion;
  readonly answer: number;
  readonly speaks: 'for' | 'against';
}

/** From so many times likelier, or less likely, an answer is told as a reason. */
const SPEAKS = 2;

/** The answers that speak for or against a cause, in the order they were given. */
export function reasonsOf(trace: Trace, answers: TraceAnswers, cause: string): readonly SpokenFor[] {
  return [...answers].flatMap(([key, answer]): SpokenFor[] => {
    const question = trace.questions.find((each) => each.key === key);
    if (!question || answer === null) return [];
    const others = trace.causes.filter((each) => each.key !== cause);
    const usual =
      others.reduce((sum, each) => sum + likelihood(question, each.key, answer), 0) / others.length;
    const times = likelihood(question, cause, answer) / usual;
    if (times >= SPEAKS) return [{ question, answer, speaks: 'for' }];
    return times <= 1 / SPEAKS ? [{ question, answer, speaks: 'against' }] : [];
  });
}
