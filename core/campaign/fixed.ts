import { minutesOn, type CampaignProblem, type Slot } from './problem';

export interface Fixed {
  readonly kept: readonly Slot[];
  readonly unkept: readonly Slot[];
  /** Minutes of each person on each day that are spoken for: by person, then by day as they are numbered. */
  readonly spent: readonly (readonly number[])[];
}

/** What was put on its day by hand, as far as it can stay: whoever is away, a closed day, parts that come later and a day too full end it. */
export function fixedOf(problem: CampaignProblem): Fixed {
  const { days, people, bikes, stands, standMinutes } = problem;
  const spent = people.map(() => days.map(() => 0));
  const onDay = days.map(() => 0);
  const kept: Slot[] = [];
  const unkept: Slot[] = [];
  for (const slot of problem.fixed) {
    const bike = bikes.find((each) => each.id === slot.bikeId);
    if (!bike) continue; // done, or no more part of it
    const day = days.indexOf(slot.day);
    const who = people.findIndex((each) => each.id === slot.personId);
    const person = people[who];
    const fits =
      day >= 0 &&
      person !== undefined &&
      (bike.partsOn === null || bike.partsOn <= slot.day) &&
      (spent[who]?.[day] ?? 0) + bike.minutes <= minutesOn(person, slot.day) &&
      (onDay[day] ?? 0) + bike.minutes <= stands * standMinutes;
    if (!fits) {
      unkept.push(slot);
      continue;
    }
    kept.push(slot);
    (spent[who] as number[])[day] = (spent[who]?.[day] ?? 0) + bike.minutes;
    onDay[day] = (onDay[day] ?? 0) + bike.minutes;
  }
  return { kept, unkept, spent };
}
