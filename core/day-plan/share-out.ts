import type { DayModel } from './day-model';

/**
 * The same work shared out evenly: departure by departure, the bench's before the checks and the longest first, to whoever is free soonest. Null where it cannot be
 * shared out so in time: then it stays with whom it was chosen for.
 */
export function sharedOut(day: DayModel, values: readonly number[]): readonly number[] | null {
  const variables = new Map(
    day.doing.map((each) => [`${each.of} ${each.hands} ${each.departure}`, each.variable]),
  );
  const result = [...values];
  for (const { variable } of day.doing) result[variable] = 0;
  const spent = day.hands.map(() => 0);
  const isBench = (of: number): number => Number(day.classes[of]?.work === 'repair');
  const minutesOf = (of: number): number => day.classes[of]?.minutes ?? 0;
  const jobs = day.doing
    .flatMap((each) => Array.from({ length: values[each.variable] ?? 0 }, () => each))
    .toSorted(
      (a, b) =>
        a.departure - b.departure || isBench(b.of) - isBench(a.of) || minutesOf(b.of) - minutesOf(a.of),
    );
  for (const { of, departure } of jobs) {
    const [who] = [...day.hands.keys()]
      .filter(
        (hands) =>
          variables.has(`${of} ${hands} ${departure}`) &&
          (spent[hands] ?? 0) + minutesOf(of) <= (day.hands[hands]?.minutes[departure] ?? 0),
      )
      .toSorted((a, b) => (spent[a] ?? 0) - (spent[b] ?? 0));
    if (who === undefined) return null;
    spent[who] = (spent[who] ?? 0) + minutesOf(of);
    const variable = variables.get(`${of} ${who} ${departure}`) as number;
    result[variable] = (result[variable] ?? 0) + 1;
  }
  return day.model.worthOf(result) === -Infinity ? null : result;
}
