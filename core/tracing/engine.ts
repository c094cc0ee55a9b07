import { asksAbout, holds, PAIRED, type Fitted, type Position } from '@cadre/core/catalogue';
import type { Cause, Trace, TraceAnswers, TraceQuestion } from './trace';

/** So often an answer is a slip of eye or ear, whatever the cause: no one answer excludes anything for good. */
const SLIP = 0.04;

/** From so sure on, one cause stands out. */
const STANDS_OUT = 0.9;
/**
 * A cause that stops the bike is excluded when it is less likely than this and an answer was given that is seldom under it and usual under the others: being rare
 * alone excludes nothing.
 */
const EXCLUDED = 0.03;
const SELDOM = 0.2;
const USUAL = 0.5;
/** A question that is expected to tell less than this, in bits, is not worth a hand. */
const TELLS_NOTHING = 0.02;

export interface LikelyCause {
  readonly cause: Cause;
  /** 0 to 1; all of a trace together are 1. */
  readonly chance: number;
}

/** What a build leaves of a trace: causes and questions that cannot be on this bike are gone. */
export function traceOn(trace: Trace, fitted: Fitted | null, position: Position = 'only'): Trace {
  if (!fitted) return trace;
  const here = <T extends { readonly applies?: Trace['applies'] }>(each: T): boolean =>
    !each.applies || holds(each.applies, fitted, position);
  const causes = trace.causes.filter(here);
  return { ...trace, causes, questions: trace.questions.filter(here) };
}

/** Whether it matters at which end of the bike it is: front and rear may be built otherwise. */
export function asksWhichEnd({ applies, causes, questions }: Trace): boolean {
  const rules = [applies, ...causes.map((each) => each.applies), ...questions.map((each) => each.applies)];
  return rules.some((rule) => rule !== undefined && PAIRED.some((field) => asksAbout(rule, field)));
}

/** How likely an answer is under a cause, slips counted in. A cause a question does not name answers as if nothing told it apart. */
function likelihood(question: TraceQuestion, cause: string, answer: number): number {
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

function weightsAfter(trace: Trace, answers: TraceAnswers): number[] {
  const weights = trace.causes.map(({ prior }) => prior);
  for (const question of trace.questions) {
    const answer = answers.get(question.key);
    if (answer === undefined || answer === null) continue;
    for (const [at, cause] of trace.causes.entries())
      weights[at] = (weights[at] ?? 0) * likelihood(question, cause.key, answer);
  }
  return weights;
}

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

interface ProposedQuestion {
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
function notExcludedOf(
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
function excluding(trace: Trace, answers: TraceAnswers, causes: readonly Cause[]): readonly TraceQuestion[] {
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

/** What an answer did to a cause: it made it so many times likelier beside the others, or less likely. */
export interface SpokenFor {
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
