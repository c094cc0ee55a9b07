import type { Highs } from 'highs';
import { solve } from '@cadre/core/solver';
import { classesOf, type Classes } from './classes';
import { dayModel, type DayModel } from './day-model';
import { dealt } from './deal';
import { greedyDay } from './greedy';
import { eachAlone, together } from './hands';
import { MINUTE_MS, type DayPlan, type PlanItem, type PlanProblem } from './problem';
import { sharedOut } from './share-out';
import { spread } from './spread';

export interface PlannedDay {
  readonly plan: DayPlan;
  /** How far from the best there could be, as a share; null: made the quick way, nobody knows. */
  readonly gap: number | null;
}

/** What people were given by hand, one after the other from when they are here. */
function handedOut(problem: PlanProblem): readonly PlanItem[] {
  const bikes = new Map(problem.bikes.map((bike) => [bike.id, bike]));
  return problem.people.flatMap((person) => {
    let free = Math.max(person.from, problem.now);
    return problem.given
      .filter((each) => each.personId === person.id)
      .flatMap(({ bikeId, personId }): PlanItem[] => {
        const bike = bikes.get(bikeId);
        if (!bike || bike.work === null) return [];
        free += bike.minutes * MINUTE_MS;
        const { work, minutes } = bike;
        return [{ bikeId, personId, work, minutes, readyAt: free, groupId: null }];
      });
  });
}

interface Begun {
  /** People are free once they are through with what they were given. */
  readonly problem: PlanProblem;
  readonly handed: readonly PlanItem[];
  readonly sorted: Classes;
  readonly day: DayModel;
  readonly quick: readonly number[];
}

function begin(given: PlanProblem): Begun {
  const handed = handedOut(given);
  const freeAt = new Map(handed.map((item) => [item.personId, item.readyAt]));
  const problem = {
    ...given,
    people: given.people.map((person) => ({ ...person, from: freeAt.get(person.id) ?? person.from })),
  };
  const sorted = classesOf(problem, new Map(handed.map((item) => [item.bikeId, item.readyAt])));
  const day = dayModel(sorted, eachAlone(problem, sorted.moments));
  return { problem, handed, sorted, day, quick: greedyDay(day) };
}

/** A day planned the quick way. */
export function planDayQuickly(given: PlanProblem): PlannedDay {
  const { problem, day, quick, handed } = begin(given);
  return { plan: spread(problem, day, sharedOut(day, quick) ?? quick, handed), gap: null };
}

/** Of the time there is, so much goes to people taken together: nearly the same choice, found sooner. */
const TOGETHER_SHARE = 0.6;
/** The solver looks at its clock now and then only. */
const SPARE_SECONDS = 0.5;

/**
 * Who does which checks and repairs in what order, so that the groups get the most bikes, then with the least work, then with the fresher bikes: first the quick way,
 * then by the solver for people taken together, then for each of them, as far as the time goes. Never worse than the quick way.
 *
 * @param seconds until it answers, about: more than 0
 * @param clock seconds that go by
 */
export function planDay(given: PlanProblem, highs: Highs, seconds: number, clock: () => number): PlannedDay {
  const until = clock() + seconds - SPARE_SECONDS;
  const left = (): number => Math.max(0.01, until - clock());
  const { problem, handed, sorted, day, quick } = begin(given);
  const pooled = dayModel(sorted, together(problem, sorted.moments));
  const first = solve(highs, pooled.model, greedyDay(pooled), left() * TOGETHER_SHARE);
  const dealtOut = greedyDay(day, dealt(pooled, first.values, day));
  const start = day.model.worthOf(dealtOut) > day.model.worthOf(quick) ? dealtOut : quick;
  const second = solve(highs, day.model, start, left());
  // Taken together people can do at least as much as each alone.
  const bound = Math.min(first.bound, second.bound);
  const gap = bound > 0 && Number.isFinite(bound) ? Math.max(0, (bound - second.worth) / bound) : 0;
  return { plan: spread(problem, day, sharedOut(day, second.values) ?? second.values, handed), gap };
}
