import type { DayModel } from './day-model';
import { freeFor } from './free-for';

/**
 * A quick choice for a day's model: the departures in order, each line served from what is ready, then by the shortest work somebody has the time for, whoever may
 * do least first. It never gives back what it gave.
 *
 * @param begun a choice it goes on from; else from nothing
 */
export function greedyDay(day: DayModel, begun?: readonly number[]): readonly number[] {
  const values = begun ? [...begun] : day.model.most.map(() => 0);
  const valueOf = (variable: number): number => values[variable] ?? 0;
  const add = (variable: number | undefined, by: number): void => {
    if (variable !== undefined) values[variable] = valueOf(variable) + by;
  };
  const given = new Map(day.giving.map((each) => [`${each.of} ${each.row}`, each.variable]));
  const done = new Map(
    day.doing.map((each) => [`${each.of} ${each.hands} ${each.departure}`, each.variable]),
  );
  const minutesOf = (of: number): number => day.classes[of]?.minutes ?? 0;
  /** Minutes of each of these hands spoken for until each departure. */
  const spent = day.hands.map((_hands, hands) =>
    day.moments.map((_moment, at) =>
      day.doing
        .filter((one) => one.hands === hands && one.departure <= at)
        .reduce((sum, one) => sum + valueOf(one.variable) * minutesOf(one.of), 0),
    ),
  );
  /** Whether these hands have that many minutes left by a departure, and no later one goes short of what it was promised. */
  const hasTime = (hands: number, departure: number, more: number): boolean =>
    day.moments.every(
      (_moment, at) =>
        at < departure || (spent[hands]?.[at] ?? 0) + more <= (day.hands[hands]?.minutes[at] ?? 0),
    );
  const spend = (hands: number, departure: number, more: number): void => {
    for (const at of day.moments.keys())
      if (at >= departure) (spent[hands] as number[])[at] = (spent[hands]?.[at] ?? 0) + more;
  };
  const doneOf = (of: number): number =>
    (day.doingOf[of] ?? []).reduce((sum, one) => sum + valueOf(one.variable), 0);
  for (const [at, row] of day.rows.entries()) {
    const suited = [...day.classes.keys()]
      .filter((of) => day.suit[of]?.[at])
      .toSorted(
        (a, b) =>
          minutesOf(a) - minutesOf(b) ||
          Number(day.suit[a]?.[at] !== 'exact') - Number(day.suit[b]?.[at] !== 'exact'),
      );
    let left =
      row.count -
      day.giving.filter((one) => one.row === at).reduce((sum, one) => sum + valueOf(one.variable), 0);
    for (const of of suited) {
      const free = Math.min(left, freeFor(day, values, of, row));
      if (free <= 0) continue;
      add(given.get(`${of} ${at}`), free);
      left -= free;
    }
    for (const of of suited) {
      const each = day.classes[of];
      if (!each || each.work === null) continue;
      while (left > 0 && doneOf(of) < each.bikes.length) {
        const who = [...day.hands.keys()]
          .filter((hands) => {
            const variable = done.get(`${of} ${hands} ${row.departure}`);
            return (
              variable !== undefined &&
              valueOf(variable) < (day.model.most[variable] ?? 0) &&
              hasTime(hands, row.departure, each.minutes)
            );
          })
          .toSorted((a, b) => (day.hands[a]?.works.length ?? 0) - (day.hands[b]?.works.length ?? 0))[0];
        if (who === undefined) break;
        spend(who, row.departure, each.minutes);
        add(done.get(`${of} ${who} ${row.departure}`), 1);
        add(given.get(`${of} ${at}`), 1);
        left -= 1;
      }
    }
  }
  return values;
}
