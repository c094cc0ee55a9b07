import { likelihood, likelyCauses, type LikelyCause } from './chances';
import { excluding, notExcludedOf } from './excluded';
import { questionsLeft, type ProposedQuestion } from './questions-left';
import type { Cause, Trace, TraceAnswers, TraceQuestion } from './trace';

/** From so sure on, one cause stands out. */
const STANDS_OUT = 0.9;
/**
 * Where a search stands. `found`: one cause stands out. `mechanic`: what is left is for a qualified mechanic. `open`: nothing left to ask tells the rest apart.
 * Whatever stands out, a bike is held while a cause that stops it is not excluded.
 */
export type TraceState = {
  readonly likely: readonly LikelyCause[];
  /** Causes that stop the bike and that no answer has excluded. */
  readonly notExcluded: readonly Cause[];
  /** What can exclude those, besides the one that stands first. */
  readonly toExclude: readonly TraceQuestion[];
} & (
  | {
      readonly state: 'asking';
      readonly next: ProposedQuestion;
      readonly others: readonly ProposedQuestion[];
    }
  | { readonly state: 'found'; readonly cause: Cause }
  | { readonly state: 'mechanic' | 'open' }
);

type End = { readonly state: 'found'; readonly cause: Cause } | { readonly state: 'mechanic' };

/** Whether enough is known to stop asking. */
function endOf(likely: readonly LikelyCause[]): End | null {
  const [first] = likely;
  if (first && !first.cause.mechanic && first.chance >= STANDS_OUT)
    return { state: 'found', cause: first.cause };
  const forMechanic = likely.reduce((sum, { cause, chance }) => sum + (cause.mechanic ? chance : 0), 0);
  return forMechanic >= STANDS_OUT ? { state: 'mechanic' } : null;
}

/** Of the most telling questions so many are looked at further: which of them is likeliest to end the search soon. */
const LOOKED_AHEAD = 4;

/** Expected minutes from a state on, always asking what tells most a minute: remembered, as many ways lead to one state. */
const minutesFrom = new WeakMap<Trace, Map<string, number>>();
const keyOf = (answers: TraceAnswers): string =>
  [...answers]
    .map(([key, answer]) => `${key} ${answer}`)
    .sort()
    .join(';');

function minutesLeft(trace: Trace, answers: TraceAnswers): number {
  let known = minutesFrom.get(trace);
  if (!known) minutesFrom.set(trace, (known = new Map()));
  const key = keyOf(answers);
  const before = known.get(key);
  if (before !== undefined) return before;
  const likely = likelyCauses(trace, answers);
  const next = endOf(likely) ? undefined : questionsLeft(trace, answers)[0]?.question;
  const minutes = next ? minutesAsking(trace, answers, likely, next) : 0;
  known.set(key, minutes);
  return minutes;
}

/** Expected minutes if this question is asked next, and then what tells most a minute. */
function minutesAsking(
  trace: Trace,
  answers: TraceAnswers,
  likely: readonly LikelyCause[],
  question: TraceQuestion,
): number {
  return question.answers.reduce((sum, _words, answer) => {
    const chance = likely.reduce(
      (total, each) => total + each.chance * likelihood(question, each.cause.key, answer),
      0,
    );
    return sum + chance * minutesLeft(trace, new Map([...answers, [question.key, answer]]));
  }, question.minutes);
}

/**
 * Where a search stands after these answers, and what is asked next: of the questions that tell most a minute the one that is expected to end the search soonest.
 *
 * @param trace as the build leaves it (`traceOn`); the same object from question to question, as what was reckoned for it is remembered
 */
export function traceState(trace: Trace, answers: TraceAnswers): TraceState {
  const likely = likelyCauses(trace, answers);
  const notExcluded = notExcludedOf(trace, answers, likely);
  const toExclude = excluding(
    trace,
    answers,
    notExcluded.filter(({ key }) => key !== likely[0]?.cause.key),
  );
  const known = { likely, notExcluded, toExclude };
  const end = endOf(likely);
  if (end) return { ...known, ...end };
  const left = questionsLeft(trace, answers);
  const [next] = left
    .slice(0, LOOKED_AHEAD)
    .map((each) => ({ each, minutes: minutesAsking(trace, answers, likely, each.question) }))
    .sort((a, b) => a.minutes - b.minutes);
  if (next)
    return { ...known, state: 'asking', next: next.each, others: left.filter((each) => each !== next.each) };
  const [last] = toExclude;
  return last
    ? { ...known, state: 'asking', next: { question: last, tells: 0 }, others: [] }
    : { ...known, state: 'open' };
}
