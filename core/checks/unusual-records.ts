import type { Mark } from './mark';

/**
 * Whether a whole check was marked faster than so many seconds for each question: kept for the lead to see, never a reason to
 * refuse. What was keyed in from paper was looked at earlier and says nothing of haste. Source: judging rule 10.
 */
export function isHasty(marks: readonly Mark[], asked: number, secondsEach: number): boolean {
  const times = marks.filter((mark) => mark.way !== 'paper').map((mark) => mark.at);
  return (
    times.length >= 10 && asked >= 10 && Math.max(...times) - Math.min(...times) < asked * secondsEach * 1000
  );
}

/** One reading as somebody typed it, of one bike. */
export interface NotedReading {
  readonly author: string;
  readonly measure: string;
  readonly position: string;
  readonly typed: string;
  readonly bikeId: string;
  readonly at: number;
}

export interface SameDigits {
  readonly author: string;
  readonly measure: string;
  readonly typed: string;
  /** The bikes in the order they were measured. */
  readonly bikeIds: readonly string[];
  readonly from: number;
  readonly until: number;
}

/** The very same digits so many bikes running are a pattern worth a look. */
export const SAME_DIGITS = 5;

const digits = (typed: string): string => typed.replace(/\s+/g, '').replace(',', '.').toLowerCase();

/** Runs of the same digits by one person for one measure on `least` or more different bikes, one after the other. */
export function sameDigits(
  readings: readonly NotedReading[],
  least: number = SAME_DIGITS,
): readonly SameDigits[] {
  const series = new Map<string, NotedReading[]>();
  for (const each of readings) {
    const key = JSON.stringify([each.author, each.measure, each.position]);
    series.set(key, [...(series.get(key) ?? []), each]);
  }
  const runs: SameDigits[] = [];
  for (const each of series.values()) {
    const inOrder = each.sort((a, b) => a.at - b.at || (a.bikeId < b.bikeId ? -1 : 1));
    let run: NotedReading[] = [];
    const close = (): void => {
      const bikeIds = [...new Set(run.map((reading) => reading.bikeId))];
      const [first] = run;
      const last = run.at(-1);
      if (first && last && bikeIds.length >= least)
        runs.push({
          author: first.author,
          measure: first.measure,
          typed: first.typed,
          bikeIds,
          from: first.at,
          until: last.at,
        });
    };
    for (const reading of inOrder) {
      if (run[0] && digits(run[0].typed) !== digits(reading.typed)) {
        close();
        run = [];
      }
      run.push(reading);
    }
    close();
  }
  return runs.sort((a, b) => b.until - a.until);
}
