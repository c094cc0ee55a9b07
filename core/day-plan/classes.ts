import { sizeKey } from '@cadre/core/fleet';
import type { Want } from '@cadre/core/schedule';
import { departures, momentsOf, suits, type PlanBike, type PlanProblem, type Work } from './problem';

/** Minutes of longer work are rounded up to these: a plan that holds with longer work holds with shorter. */
const STEP_MINUTES = 5;
const LONGER_MINUTES = 15;

/** Bikes a plan need not tell apart. */
export interface BikeClass {
  readonly sample: PlanBike;
  readonly work: Work | null;
  readonly minutes: number;
  /** The first moment of departure it may be out at without work of this plan: from what people were given by hand. */
  readonly from: number;
  /** The freshest first. */
  readonly bikes: readonly PlanBike[];
}

/** One line of one group that is still to go out. */
export interface WantRow {
  readonly groupId: string;
  readonly want: Want;
  /** Which moment of departure it goes at. */
  readonly departure: number;
  readonly count: number;
  readonly outAt: number;
  readonly backAt: number;
}

export interface Classes {
  /** When somebody goes out, the first first. */
  readonly moments: readonly number[];
  readonly classes: readonly BikeClass[];
  readonly rows: readonly WantRow[];
  /** How a class suits a row. */
  readonly suit: readonly (readonly ('exact' | 'stand-in' | null)[])[];
}

const rounded = (minutes: number): number =>
  minutes < LONGER_MINUTES ? Math.ceil(minutes) : Math.ceil(minutes / STEP_MINUTES) * STEP_MINUTES;

/**
 * The fleet by kind, size and work, and the groups by line: what the day is planned over. Bikes no group wants are in no class.
 *
 * @param handed when each bike is done that somebody was given by hand, in milliseconds
 */
export function classesOf(problem: PlanProblem, handed: ReadonlyMap<string, number>): Classes {
  const moments = momentsOf(problem);
  const wants = departures(problem).flatMap((group) =>
    group.wants.map((want) => ({ group, want, departure: moments.indexOf(group.outAt) })),
  );
  const byKey = new Map<string, Omit<BikeClass, 'sample'> & { bikes: PlanBike[] }>();
  for (const bike of problem.bikes) {
    const doneAt = handed.get(bike.id);
    const work = doneAt === undefined ? bike.work : null;
    const from = doneAt === undefined ? 0 : moments.findIndex((moment) => moment >= doneAt);
    if (from < 0) continue;
    const minutes = work === null ? 0 : rounded(bike.minutes);
    const key = [bike.kind, sizeKey(bike.size), work ?? '', minutes, from].join('\n');
    const known = byKey.get(key);
    if (known) known.bikes.push(bike);
    else byKey.set(key, { work, minutes, from, bikes: [bike] });
  }
  const all = [...byKey.values()].map((each): BikeClass => {
    const bikes = each.bikes.toSorted((a, b) => a.wear - b.wear || a.place - b.place);
    return { ...each, bikes, sample: bikes[0] as PlanBike };
  });
  const suited = all
    .map((each) => ({
      each,
      suit: wants.map(({ want, departure }) =>
        departure < each.from ? null : suits(each.sample, want, problem.substitution),
      ),
    }))
    .filter(({ suit }) => suit.some(Boolean));
  return {
    moments,
    classes: suited.map(({ each }) => each),
    suit: suited.map(({ suit }) => suit),
    rows: wants.map(({ group, want, departure }) => ({
      ...{ groupId: group.id, want, departure, count: want.count },
      ...{ outAt: group.outAt, backAt: group.backAt },
    })),
  };
}
