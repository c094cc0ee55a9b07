import { fieldIssues, issue, measured, reaches, unmeasured, type Measured } from './measured';

/** What a service is counted in. */
export const INTERVAL_COUNTS = ['days', 'hours', 'km', 'outings'] as const;
export type IntervalCount = (typeof INTERVAL_COUNTS)[number];
export type Counted = { readonly [C in IntervalCount]?: number | undefined };

export interface IntervalAnswer {
  /** How much of it is used up, 1 when due; over 1 past it. */
  readonly used: number;
  /** Which count comes first. */
  readonly by: IntervalCount;
  /** Of that count, how much is left; negative past it. */
  readonly left: number;
  readonly due: boolean;
}

/**
 * How far a service's interval has run since it was done: of days, hours, km and outings, whichever comes first. `every` is
 * multiplied by the profile's factor (over 0, at most 4). What is not counted says nothing; at least one must be.
 */
export function intervalSince(since: Counted, every: Counted, factor = 1): Measured<IntervalAnswer> {
  const counts = INTERVAL_COUNTS.filter((count) => every[count] !== undefined);
  const wrong = [
    ...fieldIssues({ path: 'factor', value: factor, least: 0.05, most: 4, unit: 'ratio' }),
    ...fieldIssues(
      ...counts.map((path) => ({
        path: `every.${path}`,
        value: every[path] ?? 0,
        least: 0.5,
        most: 1e5,
        unit: path,
      })),
    ),
    ...fieldIssues(
      ...counts
        .filter((path) => since[path] !== undefined)
        .map((path) => ({ path: `since.${path}`, value: since[path] ?? 0, least: 0, most: 1e6, unit: path })),
    ),
  ];
  if (wrong.length > 0) return unmeasured(...wrong);
  const answers = counts.flatMap((by): IntervalAnswer[] => {
    const run = since[by];
    const whole = (every[by] ?? 0) * factor;
    return run === undefined ? [] : [{ used: run / whole, by, left: whole - run, due: reaches(run, whole) }];
  });
  const [first, ...others] = answers;
  return first
    ? measured(others.reduce((most, each) => (each.used > most.used ? each : most), first))
    : unmeasured(issue('since', 'required'));
}
