import type { OverdueMeaning, ServiceRule } from '@cadre/core/catalogue';
import { INTERVAL_COUNTS, type Counted, type IntervalCount } from '@cadre/core/measures';
import { daysRun, paceAt, paceFrom, paceOfClimate, whenRun, type SeasonLine } from './season-line';
import type { Use } from './uses';

const USED = ['outings', 'km', 'hours'] as const satisfies readonly IntervalCount[];
/** Sums of shares of a distance come out a hair short of the whole. */
const HAIR = 1e-9;

/** When a service falls due, as far as is known now. More use only brings it forward. */
export interface ServiceDue {
  readonly service: string;
  readonly overdue: OverdueMeaning;
  /** When it was last done, or since when it counts where nothing says it ever was. */
  readonly since: number;
  readonly everDone: boolean;
  /** When its interval is used up: by the calendar, or at the use that did it. Null while neither is known. */
  readonly dueAt: number | null;
  /** The count that comes first. */
  readonly by: IntervalCount | null;
}

/** The first use since `since`, in uses by order of time. */
function firstAfter(uses: readonly Use[], since: number): number {
  let [low, high] = [0, uses.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((uses[middle] as Use).at > since) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** At what pace a use counts: at its season's, or faster where it was ridden in worse. Said to be dry it counts no less: the desk says so by default. */
function paceOfUse({ climate }: Use, rule: ServiceRule, ofSeason: number): number {
  return climate === undefined ? ofSeason : Math.max(ofSeason, paceOfClimate(climate, rule));
}

/** When a count of use was reached, or null. A wet kilometre counts for two where the season says so. */
function reachedAt(
  rule: ServiceRule,
  count: (typeof USED)[number],
  since: number,
  uses: readonly Use[],
  line: SeasonLine,
): number | null {
  const every = rule.every[count];
  if (every === undefined) return null;
  let sum = 0;
  // Uses are in order of time: the pace is asked for anew only where the season changes.
  let pace = 1;
  let paceUntil = -Infinity;
  for (let index = firstAfter(uses, since); index < uses.length; index += 1) {
    const use = uses[index] as Use;
    if (use.at >= paceUntil) ({ pace, until: paceUntil } = paceFrom(line, rule, use.at));
    sum += use[count] * paceOfUse(use, rule, pace);
    if (sum >= every - HAIR) return use.at;
  }
  return null;
}

/**
 * When a service of a bike falls due: of days, hours, km and outings since it was last done, whichever comes first, each counted at the
 * pace of the season it falls in.
 *
 * @param doneAt when it was last done, or null
 * @param born since when the bike is in the fleet: what was never done counts from then
 * @param uses in order of time
 */
export function serviceDue(
  rule: ServiceRule,
  doneAt: number | null,
  born: number,
  uses: readonly Use[],
  line: SeasonLine,
): ServiceDue {
  const since = Math.max(doneAt ?? born, born);
  let first: { readonly by: IntervalCount; readonly at: number } | null = null;
  if (rule.every.days !== undefined) {
    const at = whenRun(line, rule, since, rule.every.days);
    if (at !== null) first = { by: 'days', at };
  }
  for (const by of USED) {
    const at = reachedAt(rule, by, since, uses, line);
    if (at !== null && (first === null || at < first.at)) first = { by, at };
  }
  return {
    service: rule.key,
    overdue: rule.overdue,
    since,
    everDone: doneAt !== null,
    dueAt: first?.at ?? null,
    by: first?.by ?? null,
  };
}

/** How much of each count of an interval is left at a moment, at the pace of that day; negative past it. */
export function serviceLeft(
  rule: ServiceRule,
  since: number,
  uses: readonly Use[],
  line: SeasonLine,
  now: number,
): Counted {
  const pace = paceAt(line, rule, now) || 1;
  const later = uses.slice(firstAfter(uses, since)).filter((use) => use.at <= now);
  const run = (count: IntervalCount): number =>
    count === 'days'
      ? daysRun(line, rule, since, now)
      : later.reduce((sum, use) => sum + use[count] * paceOfUse(use, rule, paceAt(line, rule, use.at)), 0);
  return Object.fromEntries(
    INTERVAL_COUNTS.filter((count) => rule.every[count] !== undefined).map((count) => [
      count,
      ((rule.every[count] ?? 0) - run(count)) / pace,
    ]),
  );
}
