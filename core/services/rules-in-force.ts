import { holds, type Checkpoint, type Fitted, type ServiceRule } from '@cadre/core/catalogue';
import { doneBy, settlingQuestions, type ServicePlan } from './last-done';

/** The shipped rules with what the program set otherwise: one of the same key takes a rule's place, others come after. */
export function rulesOfProgram(
  shipped: readonly ServiceRule[],
  own: readonly ServiceRule[],
): readonly ServiceRule[] {
  const byKey = new Map(own.map((rule) => [rule.key, rule]));
  const known = new Set(shipped.map((rule) => rule.key));
  return [
    ...shipped.map((rule) => byKey.get(rule.key) ?? rule),
    ...own.filter((rule) => !known.has(rule.key)),
  ].filter((rule) => !rule.off);
}

/** A bike, as far as its services go. */
export interface ServicedBike extends Fitted {
  readonly siteId: string;
}

/**
 * The services of a bike: those whose rule holds for it and its site, and that something on it settles. A rule written in place of another
 * holds alone where it applies, so that no work is asked twice.
 */
export function servicePlan(
  rules: readonly ServiceRule[],
  bike: ServicedBike,
  checkpoints: ReadonlyMap<string, Checkpoint>,
): ServicePlan {
  const questions = new Map(rules.map((rule) => [rule.key, settlingQuestions(rule, bike, checkpoints)]));
  const applying = rules.filter(
    (rule) =>
      (!rule.sites || rule.sites.includes(bike.siteId)) &&
      holds(rule.applies, bike, 'only') &&
      (rule.settledBy.checkpoints.length === 0 || (questions.get(rule.key) ?? []).length > 0),
  );
  const replaced = new Set(applying.flatMap((rule) => (rule.instead ? [rule.instead] : [])));
  return {
    rules: applying.filter((rule) => !replaced.has(rule.key)),
    all: new Map(rules.map((rule) => [rule.key, rule])),
    settles: new Map(
      rules.map(({ key, settledBy: { works, parts } }) => [
        key,
        {
          any: [doneBy.service(key), ...works.map(doneBy.work), ...parts.map(doneBy.part)],
          all: (questions.get(key) ?? []).map(doneBy.pass),
        },
      ]),
    ),
  };
}
