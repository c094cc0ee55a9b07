import { questionsOf, type Checkpoint, type Fitted, type ServiceRule } from '@cadre/core/catalogue';

/** When something was last done to a bike, by what: "pass:sealant@front", "work:tyre-off", "part:chain", "service:sealant". */
export type Done = ReadonlyMap<string, number>;

export const doneBy = {
  pass: (question: string): string => `pass:${question}`,
  work: (touch: string): string => `work:${touch}`,
  part: (kind: string): string => `part:${kind}`,
  service: (key: string): string => `service:${key}`,
};

/** The questions that settle a service on this bike: its checkpoints, at every place they are asked there. */
export function settlingQuestions(
  rule: Pick<ServiceRule, 'settledBy'>,
  fitted: Fitted,
  checkpoints: ReadonlyMap<string, Checkpoint>,
): readonly string[] {
  return rule.settledBy.checkpoints.flatMap((key) => {
    const checkpoint = checkpoints.get(key);
    return checkpoint
      ? questionsOf({ items: [{ checkpoint, critical: false }] }, fitted).map((question) => question.key)
      : [];
  });
}

/**
 * When a service was last done on this bike, or null when nothing on record says so. The latest of: the act itself; a pass of every question
 * that settles it; work or a new part that does; a service it is part of.
 */
export function lastDone(
  rule: ServiceRule,
  rules: ReadonlyMap<string, ServiceRule>,
  fitted: Fitted,
  checkpoints: ReadonlyMap<string, Checkpoint>,
  done: Done,
): number | null {
  const { works, parts, services } = rule.settledBy;
  const times = [doneBy.service(rule.key), ...works.map(doneBy.work), ...parts.map(doneBy.part)].map(
    (what) => done.get(what) ?? null,
  );
  const questions = settlingQuestions(rule, fitted, checkpoints).map(
    (question) => done.get(doneBy.pass(question)) ?? null,
  );
  if (questions.length > 0)
    times.push(questions.includes(null) ? null : Math.min(...(questions as number[])));
  // Rules that settle each other are refused (`serviceIssues`): this comes to an end.
  for (const key of services) {
    const other = rules.get(key);
    if (other) times.push(lastDone(other, rules, fitted, checkpoints, done));
  }
  const known = times.filter((time): time is number => time !== null);
  return known.length > 0 ? Math.max(...known) : null;
}
