import { IntegerModel, type Term } from '@cadre/core/solver';
import type { Classes } from './classes';
import type { Hands } from './hands';

/** A bike a group gets is worth more than any work it can take. */
const MET = 200_000;
/** Then the least work: a minute. */
const MINUTE = 40;
/** Then the earlier departure, and what was asked for rather than what stands in. */
const EARLIER = 1;
const STAND_IN = 2;

/** So many bikes of a class done by a person in time for a departure. */
export interface Doing {
  readonly variable: number;
  readonly of: number;
  readonly hands: number;
  readonly departure: number;
}
/** So many bikes of a class given to a line of a group. */
export interface Giving {
  readonly variable: number;
  readonly of: number;
  readonly row: number;
}

export interface DayModel extends Classes {
  readonly hands: readonly Hands[];
  readonly model: IntegerModel;
  readonly doing: readonly Doing[];
  readonly giving: readonly Giving[];
  /** The same by class. */
  readonly doingOf: readonly (readonly Doing[])[];
  readonly givingOf: readonly (readonly Giving[])[];
}

/**
 * A day as whole numbers to choose: how many bikes of each class each person has done by each departure, and how many go to each line of each group. People's
 * minutes run on from departure to departure; a bike is with one group at a time and with none before it is done.
 */
export function dayModel(sorted: Classes, crew: readonly Hands[]): DayModel {
  const { classes, rows, suit, moments } = sorted;
  const model = new IntegerModel();
  const doing: Doing[] = [];
  const giving: Giving[] = [];
  for (const [of, each] of classes.entries()) {
    for (const [row, { count, departure }] of rows.entries()) {
      const how = suit[of]?.[row];
      if (!how) continue;
      const worth = MET + EARLIER * (moments.length - departure) - (how === 'stand-in' ? STAND_IN : 0);
      giving.push({ variable: model.variable(Math.min(count, each.bikes.length), worth), of, row });
    }
    if (each.work === null) continue;
    const wanted = new Set(rows.filter((_row, at) => suit[of]?.[at]).map((row) => row.departure));
    for (const [hands, { works, members, minutes }] of crew.entries()) {
      if (!works.includes(each.work)) continue;
      for (const departure of wanted) {
        const fit = members.reduce(
          (sum, member) => sum + Math.floor((member[departure] ?? 0) / each.minutes),
          0,
        );
        const most = Math.min(each.bikes.length, fit, Math.floor((minutes[departure] ?? 0) / each.minutes));
        if (most === 0) continue;
        const variable = model.variable(most, -MINUTE * each.minutes);
        doing.push({ variable, of, hands, departure });
      }
    }
  }
  const doingOf = classes.map((_each, of) => doing.filter((one) => one.of === of));
  const givingOf = classes.map((_each, of) => giving.filter((one) => one.of === of));
  const times = (of: number): number => classes[of]?.minutes ?? 0;
  for (const [hands, { minutes }] of crew.entries())
    for (const departure of moments.keys()) {
      const terms = doing
        .filter((each) => each.hands === hands && each.departure <= departure)
        .map((each): Term => ({ variable: each.variable, times: times(each.of) }));
      model.atMost(terms, minutes[departure] ?? 0);
    }
  for (const [of, each] of classes.entries()) {
    const own = doingOf[of] ?? [];
    model.atMost(
      own.map(({ variable }) => ({ variable, times: 1 })),
      each.bikes.length,
    );
    for (const [departure, moment] of moments.entries()) {
      const out = (givingOf[of] ?? []).filter((one) => {
        const row = rows[one.row];
        return row && row.outAt <= moment && moment < row.backAt;
      });
      const done = own.filter((one) => one.departure <= departure);
      model.atMost(
        [
          ...out.map(({ variable }) => ({ variable, times: 1 })),
          ...done.map(({ variable }) => ({ variable, times: -1 })),
        ],
        each.work === null && departure >= each.from ? each.bikes.length : 0,
      );
    }
  }
  for (const [row, { count }] of rows.entries())
    model.atMost(
      giving.filter((one) => one.row === row).map(({ variable }) => ({ variable, times: 1 })),
      count,
    );
  return { ...sorted, hands: crew, model, doing, giving, doingOf, givingOf };
}
