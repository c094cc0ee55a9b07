import { dayAfter, weekdayOf } from '@cadre/core/schedule';
import type { CalendarEntry } from './entries';

/** How much work falls due in a week, in bikes: one with two services counts twice, for it is worked on twice. */
export interface WeekLoad {
  /** Monday, "2026-11-30". */
  readonly from: string;
  readonly services: number;
  readonly rechecks: number;
  readonly rounds: number;
}

/** The Monday of the week a day is in. */
const mondayOf = (day: string): string => dayAfter(day, 1 - weekdayOf(day));

/** What falls due in each of so many weeks from the one a day is in, weeks without anything among them. */
export function weekLoads(
  entries: readonly CalendarEntry[],
  today: string,
  weeks: number,
): readonly WeekLoad[] {
  const first = mondayOf(today);
  return Array.from({ length: weeks }, (_, ahead): WeekLoad => {
    const from = dayAfter(first, 7 * ahead);
    const until = dayAfter(from, 7);
    const own = entries.filter((each) => each.day >= from && each.day < until);
    const bikes = (kind: CalendarEntry['kind']): number =>
      own.filter((each) => each.kind === kind).reduce((sum, each) => sum + each.bikeIds.length, 0);
    return { from, services: bikes('service'), rechecks: bikes('recheck'), rounds: bikes('round') };
  });
}
