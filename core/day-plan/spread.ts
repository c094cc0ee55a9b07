import type { BikeClass } from './classes';
import type { DayModel } from './day-model';
import {
  departures,
  MINUTE_MS,
  suits,
  type DayPlan,
  type Given,
  type PlanBike,
  type PlanItem,
  type PlanPerson,
  type PlanProblem,
  type Unmet,
  type Work,
} from './problem';

/** Work of one person in a row, and when they are through with it. */
class Bench {
  readonly items: PlanItem[] = [];
  private free: number;

  constructor(
    readonly person: PlanPerson,
    now: number,
  ) {
    this.free = Math.max(person.from, now);
  }

  /** Whether there is time for it before they leave. */
  fits(bike: PlanBike): boolean {
    return this.free + bike.minutes * MINUTE_MS <= this.person.until;
  }

  get freeAt(): number {
    return this.free;
  }

  add(bike: PlanBike, work: Work): void {
    this.free += bike.minutes * MINUTE_MS;
    this.items.push({
      ...{ bikeId: bike.id, personId: this.person.id, work, minutes: bike.minutes },
      ...{ readyAt: this.free, groupId: null },
    });
  }
}

/** Why a line of a group goes short. */
function becauseOf(problem: PlanProblem, want: Unmet['want']): Unmet['because'] {
  const suited = problem.bikes.filter((bike) => suits(bike, want, problem.substitution));
  if (suited.length < want.count) return 'no-such-bike';
  const mayBeDone = suited.filter(
    ({ work }) => work === null || problem.people.some((person) => person.works.includes(work)),
  );
  return mayBeDone.length < want.count ? 'nobody-may' : 'no-time';
}

/** Bikes of a class as they are taken: by the departure each is done for. */
interface Taken {
  readonly bike: PlanBike;
  readonly departure: number;
  free: number;
}

/**
 * A choice of numbers told bike by bike: who does which in what order and for whom, which bikes each group gets, and what is still missing. Of bikes that are alike
 * the fresher goes out, and one person does the same work in the order the bikes hang. Time that is left goes to work nobody waits for, the shortest first.
 */
export function spread(
  problem: PlanProblem,
  day: DayModel,
  values: readonly number[],
  handed: readonly PlanItem[],
): DayPlan {
  const benches = problem.people.map((person) => new Bench(person, problem.now));
  const left = day.classes.map((each) => [...each.bikes]);
  const taken = day.classes.map((): Taken[] => []);
  for (const [of, each] of day.classes.entries())
    if (each.work === null)
      taken[of] = each.bikes.map((bike) => ({ bike, departure: each.from, free: -Infinity }));
  for (const [hands, bench] of benches.entries())
    for (const departure of day.moments.keys()) {
      const own = day.doing
        .filter((each) => each.hands === hands && each.departure === departure)
        .flatMap(({ variable, of }) => {
          const bikes = left[of]?.splice(0, values[variable] ?? 0) ?? [];
          taken[of]?.push(...bikes.map((bike) => ({ bike, departure, free: -Infinity })));
          return bikes.map((bike) => ({ bike, work: (day.classes[of] as BikeClass).work as Work }));
        });
      const works = own.toSorted((a, b) => a.work.localeCompare(b.work) || a.bike.place - b.bike.place);
      for (const { bike, work } of works) bench.add(bike, work);
    }
  const gives: Given[] = [];
  const unmet: Unmet[] = [];
  for (const [at, row] of day.rows.entries()) {
    let short = row.count;
    for (const giving of day.giving.filter((each) => each.row === at)) {
      const free = (taken[giving.of] ?? []).filter(
        (each) => each.departure <= row.departure && each.free <= row.outAt,
      );
      for (const each of free.slice(0, values[giving.variable] ?? 0)) {
        each.free = row.backAt;
        gives.push({ groupId: row.groupId, bikeId: each.bike.id });
        short -= 1;
      }
    }
    if (short > 0)
      unmet.push({ groupId: row.groupId, want: row.want, short, because: becauseOf(problem, row.want) });
  }
  const planned = new Set([...benches.flatMap((bench) => bench.items), ...handed].map((each) => each.bikeId));
  const rest = problem.bikes
    .filter((bike) => bike.work !== null && !planned.has(bike.id))
    .toSorted((a, b) => a.minutes - b.minutes || a.place - b.place);
  for (const bike of rest) {
    const work = bike.work as Work;
    const [bench] = benches
      .filter((each) => each.person.works.includes(work) && each.fits(bike))
      .toSorted((a, b) => a.freeAt - b.freeAt || a.person.works.length - b.person.works.length);
    bench?.add(bike, work);
  }
  const groups = new Map(departures(problem).map((group) => [group.id, group.outAt]));
  const first = new Map<string, string>();
  for (const { bikeId, groupId } of gives.toSorted(
    (a, b) => (groups.get(a.groupId) ?? 0) - (groups.get(b.groupId) ?? 0),
  ))
    if (!first.has(bikeId)) first.set(bikeId, groupId);
  return {
    items: [...handed, ...benches.flatMap((bench) => bench.items)].map((item) => ({
      ...item,
      groupId: first.get(item.bikeId) ?? null,
    })),
    ...{ gives, unmet },
    needed: day.rows.reduce((sum, row) => sum + row.count, 0),
  };
}
