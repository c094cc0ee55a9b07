import type { Cause, Likelihood, Trace, TraceQuestion } from '@cadre/core/tracing';

type CauseMore = Pick<Cause, 'stop' | 'mechanic' | 'applies'>;
type QuestionMore = Pick<TraceQuestion, 'tools' | 'caution' | 'applies'>;

export const cause = (
  key: string,
  name: string,
  prior: number,
  [checkpoint, fault]: readonly [string, string],
  repair: string,
  more: CauseMore = {},
): Cause => ({ key, name, prior, place: { checkpoint, fault }, repair, ...more });

interface Asked extends Omit<TraceQuestion, 'likelihoods'> {
  /** By cause; `rest` for those not named. */
  readonly by: Readonly<Record<string, Likelihood>>;
  readonly rest: Likelihood;
}

/** A question of yes or no: how likely yes is under each cause, and under the rest. */
export const yesNo = (
  key: string,
  text: string,
  how: string,
  minutes: number,
  yes: Readonly<Record<string, number>>,
  { rest = 0.1, ...more }: QuestionMore & { readonly rest?: number } = {},
): Asked => ({
  ...{ key, text, how, minutes, answers: ['Yes', 'No'] },
  by: Object.fromEntries(Object.entries(yes).map(([each, chance]) => [each, [chance, 1 - chance]])),
  rest: [rest, 1 - rest],
  ...more,
});

/** A question with several answers, each cause with a likelihood for each. */
export const choice = (
  key: string,
  text: string,
  how: string,
  minutes: number,
  answers: readonly string[],
  by: Readonly<Record<string, Likelihood>>,
  more: QuestionMore = {},
): Asked => ({
  ...{ key, text, how, minutes, answers, by },
  rest: answers.map(() => 1 / answers.length),
  ...more,
});

export const trace = (
  key: string,
  name: string,
  seeks: readonly string[],
  causes: readonly Cause[],
  asked: readonly Asked[],
  applies?: Trace['applies'],
): Trace => ({
  ...{ key, name, seeks, causes },
  questions: asked.map(({ by, rest, ...question }) => ({
    ...question,
    likelihoods: Object.fromEntries(causes.map((each) => [each.key, by[each.key] ?? rest])),
  })),
  ...(applies ? { applies } : {}),
});
