import type { DayModel } from './day-model';
import { freeFor } from './free-for';

/**
 * A choice made for people taken together, dealt to each of them: the longest work first, to whom it leaves the least time by its departure. What fits nobody is
 * left out, with the bikes it was to give.
 */
export function dealt(pooled: DayModel, values: readonly number[], alone: DayModel): readonly number[] {
  const result = alone.model.most.map(() => 0);
  const valueOf = (variable: number): number => values[variable] ?? 0;
  const spent = alone.hands.map(() => alone.moments.map(() => 0));
  const variables = new Map(
    alone.doing.map((each) => [`${each.of} ${each.hands} ${each.departure}`, each.variable]),
  );
  const skill = (works: readonly string[] = []): string => works.toSorted().join();
  /** They may do more than those it was planned for: they are asked last. */
  const others = (hands: number, planned: number): boolean =>
    skill(alone.hands[hands]?.works) !== skill(pooled.hands[planned]?.works);
  const jobs = pooled.doing
    .flatMap((each) => Array.from({ length: valueOf(each.variable) }, () => each))
    .toSorted(
      (a, b) =>
        a.departure - b.departure ||
        (pooled.classes[b.of]?.minutes ?? 0) - (pooled.classes[a.of]?.minutes ?? 0),
    );
  for (const job of jobs) {
    const minutes = pooled.classes[job.of]?.minutes ?? 0;
    const room = (hands: number): number =>
      Math.min(
        ...alone.moments.flatMap((_moment, at) =>
          at < job.departure ? [] : [(alone.hands[hands]?.minutes[at] ?? 0) - (spent[hands]?.[at] ?? 0)],
        ),
      );
    const who = [...alone.hands.keys()]
      .filter((hands) => variables.has(`${job.of} ${hands} ${job.departure}`) && room(hands) >= minutes)
      .toSorted(
        (a, b) => Number(others(a, job.hands)) - Number(others(b, job.hands)) || room(a) - room(b),
      )[0];
    if (who === undefined) continue;
    const variable = variables.get(`${job.of} ${who} ${job.departure}`) as number;
    result[variable] = (result[variable] ?? 0) + 1;
    for (const at of alone.moments.keys())
      if (at >= job.departure) (spent[who] as number[])[at] = (spent[who]?.[at] ?? 0) + minutes;
  }
  const gives = new Map(alone.giving.map((each) => [`${each.of} ${each.row}`, each.variable]));
  for (const each of pooled.giving) {
    const variable = gives.get(`${each.of} ${each.row}`);
    const row = alone.rows[each.row];
    if (variable !== undefined && row)
      result[variable] = Math.min(valueOf(each.variable), freeFor(alone, result, each.of, row));
  }
  return result;
}
