import { questionsOf, type Checkpoint, type Fitted, type ServiceRule } from '@cadre/core/catalogue';

/** The services of a bike as it is built, and what settles each there. */
export interface ServicePlan {
  readonly rules: readonly ServiceRule[];
  /** All rules there are, by key. */
  readonly all: ReadonlyMap<string, ServiceRule>;
  /** By the key of a rule: what settles it here, each alone, and the passes that settle it together. */
  readonly settles: ReadonlyMap<string, { readonly any: readonly string[]; readonly all: readonly string[] }>;
}

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
 *
 * @param plan of the bike as it is built (`servicePlan`)
 */
export function lastDone(
  rule: ServiceRule,
  plan: Pick<ServicePlan, 'all' | 'settles'>,
  done: Done,
): number | null {
  const { any = [], all = [] } = plan.settles.get(rule.key) ?? {};
  let last = -Infinity;
  for (const what of any) last = Math.max(last, done.get(what) ?? -Infinity);
  if (all.length > 0) {
    let passed = Infinity;
    for (const what of all) passed = Math.min(passed, done.get(what) ?? -Infinity);
    last = Math.max(last, passed);
  }
  // Rules that settle each other are refused (`serviceIssues`): this comes to an end.
  for (const key of rule.settledBy.services) {
    const other = plan.all.get(key);
    if (other) last = Math.max(last, lastDone(other, plan, done) ?? -Infinity);
  }
  return last === -Infinity ? null : last;
}
