import { OVERDUE_MEANINGS, truthOf, type ServiceRule } from '@cadre/core/catalogue';
import type { FieldIssue } from '@cadre/core/errors';
import { INTERVAL_COUNTS } from '@cadre/core/measures';

/** What an interval may be in each count: under the least a bike would be due all day, over the most never in its life. */
export const INTERVAL_RANGE = {
  days: { least: 1, most: 3650 },
  hours: { least: 1, most: 5000 },
  km: { least: 10, most: 50_000 },
  outings: { least: 1, most: 2000 },
} as const;

/** The keys of the services a rule is settled by, and of those they are settled by, as far as that goes. */
function settlers(
  key: string,
  rules: ReadonlyMap<string, ServiceRule>,
  seen = new Set<string>(),
): ReadonlySet<string> {
  for (const other of rules.get(key)?.settledBy.services ?? [])
    if (!seen.has(other)) {
      seen.add(other);
      settlers(other, rules, seen);
    }
  return seen;
}

function everyIssues({ every }: ServiceRule, path: string): readonly FieldIssue[] {
  const counts = INTERVAL_COUNTS.filter((count) => every[count] !== undefined);
  if (counts.length === 0) return [{ path: `${path}.every`, code: 'never-due' }];
  return counts.flatMap((count): FieldIssue[] => {
    const value = every[count] ?? 0;
    const { least, most } = INTERVAL_RANGE[count];
    if (value >= least && value <= most) return [];
    return [
      {
        path: `${path}.every.${count}`,
        code: value < least ? 'always-due' : 'never-due',
        params: { least, most, unit: count },
      },
    ];
  });
}

/**
 * What is wrong with a program's own service rules, each at its field: never due or always due, the same key twice, no name, in place of
 * something that is not there, services that settle each other.
 *
 * @param own as written; @param all what would be in force with them
 */
export function serviceIssues(
  own: readonly ServiceRule[],
  all: readonly ServiceRule[],
  checkpoints: ReadonlySet<string>,
): readonly FieldIssue[] {
  const rules = new Map([...all, ...own].map((rule) => [rule.key, rule]));
  return own.flatMap((rule, index): FieldIssue[] => {
    const path = `services.${index}`;
    if (rule.off) return [];
    const { settledBy } = rule;
    const unknown = [
      ...settledBy.checkpoints.flatMap((key, at) =>
        checkpoints.has(key) ? [] : [`${path}.settledBy.checkpoints.${at}`],
      ),
      ...settledBy.services.flatMap((key, at) =>
        rules.has(key) ? [] : [`${path}.settledBy.services.${at}`],
      ),
      ...(rule.instead !== undefined && !rules.has(rule.instead) ? [`${path}.instead`] : []),
    ];
    return [
      ...(rule.name.trim() === '' ? [{ path: `${path}.name`, code: 'required' } as const] : []),
      ...(own.findIndex((each) => each.key === rule.key) < index
        ? [{ path: `${path}.key`, code: 'twice' } as const]
        : []),
      ...(truthOf(rule.applies, 'only') === 'never'
        ? [{ path: `${path}.applies`, code: 'never-due' } as const]
        : []),
      ...everyIssues(rule, path),
      ...unknown.map((where): FieldIssue => ({ path: where, code: 'unknown' })),
      ...(rule.instead === rule.key ? [{ path: `${path}.instead`, code: 'wrong' } as const] : []),
      ...(settlers(rule.key, rules).has(rule.key)
        ? [{ path: `${path}.settledBy.services`, code: 'settles-each-other' } as const]
        : []),
      ...(OVERDUE_MEANINGS.includes(rule.overdue)
        ? []
        : [{ path: `${path}.overdue`, code: 'unknown' } as const]),
    ];
  });
}
