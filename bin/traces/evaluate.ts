import { likelyCauses, traceState, type Trace, type TraceAnswers } from '@cadre/core/tracing';

/** Which question a way of searching asks next, where the search has not ended. */
type Way = (trace: Trace, answers: TraceAnswers) => string;

/** The way of the program: what tells most a minute. */
export const byEngine: Way = (trace, answers) => {
  const state = traceState(trace, answers);
  if (state.state !== 'asking') throw new Error('the search has ended');
  return state.next.question.key;
};
/** One question after the other as they stand, left out only where it can tell nothing any more. */
export const inOrder: Way = (trace, answers) => {
  const state = traceState(trace, answers);
  if (state.state !== 'asking') throw new Error('the search has ended');
  const left = new Set([state.next, ...state.others].map(({ question }) => question.key));
  return trace.questions.find(({ key }) => left.has(key))?.key ?? '';
};

const keyOf = (answers: TraceAnswers): string => [...answers].sort(([a], [b]) => (a < b ? -1 : 1)).join(';');
const questionOf = (trace: Trace, key: string): Trace['questions'][number] => {
  const question = trace.questions.find((each) => each.key === key);
  if (!question) throw new Error(`${trace.key} asks no ${key}`);
  return question;
};

/** What a question costs from here, with each way it may be answered and what that leads to. */
function costOf(
  trace: Trace,
  answers: TraceAnswers,
  key: string,
  after: (answers: TraceAnswers) => number,
): number {
  const question = questionOf(trace, key);
  const chances = likelyCauses(trace, answers);
  return question.answers.reduce((sum, _words, answer) => {
    const chance = chances.reduce(
      (total, { cause, chance: of }) => total + of * (question.likelihoods[cause.key]?.[answer] ?? 0),
      0,
    );
    return chance > 0 ? sum + chance * after(new Map([...answers, [key, answer]])) : sum;
  }, question.minutes);
}

/** Expected minutes of a way of searching, over everything that may be answered. */
export function expectedMinutes(trace: Trace, way: Way): number {
  const known = new Map<string, number>();
  const from = (answers: TraceAnswers): number => {
    if (traceState(trace, answers).state !== 'asking') return 0;
    const key = keyOf(answers);
    const before = known.get(key);
    if (before !== undefined) return before;
    const cost = costOf(trace, answers, way(trace, answers), from);
    known.set(key, cost);
    return cost;
  };
  return from(new Map());
}

/** Expected minutes of the best way there is, or null where there are too many states to try. */
export function leastMinutes(trace: Trace, mostStates = 60_000): number | null {
  const states = trace.questions.reduce((product, { answers }) => product * (answers.length + 1), 1);
  if (states > mostStates) return null;
  const known = new Map<string, number>();
  const from = (answers: TraceAnswers): number => {
    const state = traceState(trace, answers);
    if (state.state !== 'asking') return 0;
    const key = keyOf(answers);
    const before = known.get(key);
    if (before !== undefined) return before;
    const cost = Math.min(
      ...[state.next, ...state.others].map(({ question }) => costOf(trace, answers, question.key, from)),
    );
    known.set(key, cost);
    return cost;
  };
  return from(new Map());
}

/** Every state the program's own way can come to, where each question may also be answered by "cannot tell". */
export function walk(trace: Trace, visit: (answers: TraceAnswers) => void): number {
  const seen = new Set<string>();
  const from = (answers: TraceAnswers): void => {
    const key = keyOf(answers);
    if (seen.has(key)) return;
    seen.add(key);
    visit(answers);
    const state = traceState(trace, answers);
    if (state.state !== 'asking') return;
    const { question } = state.next;
    for (const answer of [null, ...question.answers.keys()])
      from(new Map([...answers, [question.key, answer]]));
  };
  from(new Map());
  return seen.size;
}

export interface Drawn {
  /** Share of cases in which the true cause stands first at the end, or goes to a mechanic as it should. */
  readonly right: number;
  readonly minutes: number;
}

/** One of a list by weights that need not sum to one. */
function pick<T>(list: readonly T[], weight: (each: T) => number, draw: () => number): T {
  let left = draw() * list.reduce((sum, each) => sum + weight(each), 0);
  for (const each of list) if ((left -= weight(each)) <= 0) return each;
  return list.at(-1) as T;
}

/**
 * Cases drawn by the priors, each answered as its cause would have it.
 *
 * @param wrong share of answers that are another than the true one
 */
export function drawCases(
  trace: Trace,
  count: number,
  wrong: number,
  draw: () => number,
): { readonly engine: Drawn; readonly everything: Drawn } {
  const sums = { engine: { right: 0, minutes: 0 }, everything: { right: 0, minutes: 0 } };
  const toMechanic = new Set(trace.causes.flatMap(({ key, mechanic }) => (mechanic ? [key] : [])));
  const ends = new Map<string, { readonly first: string; readonly mechanic: boolean }>();
  /** The true cause stands first, or it is one for a mechanic and that is where it goes. */
  const isRight = (answers: TraceAnswers, cause: string): boolean => {
    const key = keyOf(answers);
    let end = ends.get(key);
    if (end === undefined) {
      const { likely, state } = traceState(trace, answers);
      ends.set(key, (end = { first: likely[0]?.cause.key ?? '', mechanic: state === 'mechanic' }));
    }
    return end.first === cause || (end.mechanic && toMechanic.has(cause));
  };
  const nexts = new Map<string, string | null>();
  const nextOf = (answers: TraceAnswers): string | null => {
    const key = keyOf(answers);
    let found = nexts.get(key);
    if (found === undefined) {
      const state = traceState(trace, answers);
      nexts.set(key, (found = state.state === 'asking' ? state.next.question.key : null));
    }
    return found;
  };
  for (let each = 0; each < count; each += 1) {
    const cause = pick(trace.causes, ({ prior }) => prior, draw).key;
    const all = new Map(
      trace.questions.map(({ key, answers, likelihoods }) => {
        const said = pick([...answers.keys()], (answer) => likelihoods[cause]?.[answer] ?? 0, draw);
        const slips = draw() < wrong;
        return [key, slips ? (said + 1 + Math.floor(draw() * (answers.length - 1))) % answers.length : said];
      }),
    );
    sums.everything.minutes += trace.questions.reduce((sum, { minutes }) => sum + minutes, 0);
    if (isRight(all, cause)) sums.everything.right += 1;
    const asked = new Map<string, number | null>();
    for (let next = nextOf(asked); next !== null; next = nextOf(asked)) {
      asked.set(next, all.get(next) ?? null);
      sums.engine.minutes += questionOf(trace, next).minutes;
    }
    if (isRight(asked, cause)) sums.engine.right += 1;
  }
  const share = ({ right, minutes }: Drawn): Drawn => ({ right: right / count, minutes: minutes / count });
  return { engine: share(sums.engine), everything: share(sums.everything) };
}
