/** What is lent besides bikes. A repair kit is a pouch with contents; so may be any other item. */
export const KIT_KINDS = ['helmet', 'child-seat', 'repair-kit', 'pump', 'lock', 'other'] as const;
export type KitKind = (typeof KIT_KINDS)[number];

/** Kinds that protect a rider: only an inspector who is no trainee says that one may be lent again. */
export const PROTECTIVE_KIT: ReadonlySet<KitKind> = new Set(['helmet', 'child-seat']);

/** One thing that belongs in an item, and how many of it. */
export interface KitContent {
  readonly name: string;
  readonly count: number;
  /** The spare part it is filled up from; null where it is bought elsewhere. */
  readonly stockItemId: string | null;
}

/** So many of one of the contents are not there. */
export type KitMissing = Pick<KitContent, 'name' | 'count'>;

/** An item as it is set up. Days are ISO dates. */
export interface KitFields {
  readonly siteId: string;
  readonly kind: KitKind;
  /** What stands on it, unique in the program. */
  readonly tag: string;
  /** As it is marked, for example 52–56 cm; empty where it has none. */
  readonly size: string;
  readonly contents: readonly KitContent[];
  /** The last day it may be used, by its maker's marking or the program's rule; null: no such day. */
  readonly expiresOn: string | null;
}

/** What is known of an item now. */
export interface KitState {
  /** Packed: set aside for a group. */
  readonly whereabouts: 'in' | 'packed' | 'out';
  readonly groupId: string | null;
  readonly groupName: string;
  readonly missing: readonly KitMissing[];
  readonly damp: boolean;
  /** The day it took an impact; null: none since it was inspected. */
  readonly impactOn: string | null;
  /** Why it is not lent any more; null: it is. */
  readonly withdrawn: string | null;
}

/** Why an item may not be lent, worst first. */
const KIT_PROBLEMS = ['withdrawn', 'impact', 'expired', 'incomplete', 'damp'] as const;
export type KitProblem = (typeof KIT_PROBLEMS)[number];

/**
 * Why an item may not be lent, worst first; empty: it may.
 *
 * @param day today at its site, an ISO date: an item expires when its last day is over
 */
export function kitProblems(
  item: Pick<KitFields, 'expiresOn'> & Pick<KitState, 'missing' | 'damp' | 'impactOn' | 'withdrawn'>,
  day: string,
): readonly KitProblem[] {
  const has: Record<KitProblem, boolean> = {
    withdrawn: item.withdrawn !== null,
    impact: item.impactOn !== null,
    expired: item.expiresOn !== null && item.expiresOn < day,
    incomplete: item.missing.length > 0,
    damp: item.damp,
  };
  return KIT_PROBLEMS.filter((each) => has[each]);
}

/** What is wrong with a missing content, as it is sent. */
export interface MissingIssue {
  readonly path: string;
  readonly code: 'unknown' | 'too_big' | 'twice';
}

/** What is missing that does not belong in the item, or more of it than belongs: a slip of whoever counted. */
export function missingIssues(
  contents: readonly KitContent[],
  missing: readonly KitMissing[],
): readonly MissingIssue[] {
  return missing.flatMap(({ name, count }, at): readonly MissingIssue[] => {
    const content = contents.find((each) => each.name === name);
    if (!content) return [{ path: `missing.${at}.name`, code: 'unknown' }];
    if (missing.findIndex((each) => each.name === name) !== at)
      return [{ path: `missing.${at}.name`, code: 'twice' }];
    return count > content.count ? [{ path: `missing.${at}.count`, code: 'too_big' }] : [];
  });
}
