import type { DayPlan, PlanProblem } from '@cadre/core/day-plan';
import { serves, standsIn } from '@cadre/core/schedule';

/** What is wrong with a plan of a day, told by somebody who knows nothing of how it was made. */
export function planFaults(problem: PlanProblem, plan: DayPlan): readonly string[] {
  const faults: string[] = [];
  const bikes = new Map(problem.bikes.map((bike) => [bike.id, bike]));
  const people = new Map(problem.people.map((person) => [person.id, person]));
  const doneAt = new Map<string, number>();
  const free = new Map(problem.people.map((person) => [person.id, Math.max(person.from, problem.now)]));
  const handed = new Set(problem.given.map((each) => `${each.personId} ${each.bikeId}`));
  for (const item of plan.items) {
    const bike = bikes.get(item.bikeId);
    const person = people.get(item.personId);
    if (!bike || !person) {
      faults.push(`${item.bikeId} or ${item.personId} is not there`);
      continue;
    }
    const byHand = handed.has(`${person.id} ${bike.id}`);
    if (doneAt.has(bike.id)) faults.push(`${bike.id} is done twice`);
    if (bike.work !== item.work) faults.push(`${bike.id} needs ${bike.work}, not ${item.work}`);
    if (!byHand && !person.works.includes(item.work)) faults.push(`${person.id} may not ${item.work}`);
    const end = (free.get(person.id) ?? 0) + bike.minutes * 60_000;
    free.set(person.id, end);
    doneAt.set(bike.id, end);
    if (end !== item.readyAt) faults.push(`${bike.id} is done at ${end}, not ${item.readyAt}`);
    if (!byHand && end > person.until) faults.push(`${person.id} has left before ${bike.id} is done`);
  }
  for (const { personId, bikeId } of problem.given)
    if (bikes.get(bikeId)?.work && plan.items.find((item) => item.bikeId === bikeId)?.personId !== personId)
      faults.push(`${bikeId} was taken from ${personId}`);
  const groups = new Map(problem.groups.map((group) => [group.id, group]));
  for (const [at, give] of plan.gives.entries()) {
    const group = groups.get(give.groupId);
    const bike = bikes.get(give.bikeId);
    if (!group || !bike) {
      faults.push(`${give.groupId} or ${give.bikeId} is not there`);
      continue;
    }
    const ready = bike.work === null ? problem.now : (doneAt.get(bike.id) ?? Infinity);
    if (ready > group.outAt) faults.push(`${bike.id} is not ready for ${group.id}`);
    for (const other of plan.gives.slice(0, at)) {
      const also = groups.get(other.groupId);
      if (other.bikeId === bike.id && also && also.outAt < group.backAt && group.outAt < also.backAt)
        faults.push(`${bike.id} is out with ${group.id} and ${also.id}`);
    }
  }
  for (const group of problem.groups) {
    const own = plan.gives
      .filter((give) => give.groupId === group.id)
      .flatMap((give) => bikes.get(give.bikeId) ?? []);
    const short = plan.unmet.filter((each) => each.groupId === group.id);
    const wanted = group.wants.reduce((sum, want) => sum + want.count, 0);
    const missing = short.reduce((sum, each) => sum + each.short, 0);
    if (group.outAt > problem.now && own.length !== wanted - missing)
      faults.push(`${group.id} wants ${wanted}, has ${own.length}, is short of ${missing}`);
    for (const bike of own)
      if (!group.wants.some((want) => serves(bike, want) || standsIn(bike, want, problem.substitution)))
        faults.push(`${bike.id} serves nothing ${group.id} wants`);
  }
  return faults;
}
