import { minutesUntil, type PlanPerson, type PlanProblem, type Work } from './problem';

/** Somebody, or several who may do the same: what they may do, and the minutes they have until each moment somebody goes out. */
export interface Hands {
  readonly works: readonly Work[];
  readonly minutes: readonly number[];
  /** The minutes of each of them. */
  readonly members: readonly (readonly number[])[];
}

const minutesOf = (person: PlanPerson, now: number, moments: readonly number[]): readonly number[] =>
  moments.map((moment) => minutesUntil(person, now, moment));

/** Everybody for themselves. */
export function eachAlone({ people, now }: PlanProblem, moments: readonly number[]): readonly Hands[] {
  return people.map((person) => {
    const minutes = minutesOf(person, now, moments);
    return { works: person.works, minutes, members: [minutes] };
  });
}

/** People who may do the same taken as one, with all their minutes: fewer numbers to choose, and nearly the same choice. */
export function together({ people, now }: PlanProblem, moments: readonly number[]): readonly Hands[] {
  const bySkill = new Map<string, PlanPerson[]>();
  for (const person of people) {
    const skill = person.works.toSorted().join();
    bySkill.set(skill, [...(bySkill.get(skill) ?? []), person]);
  }
  return [...bySkill.values()].map((alike) => {
    const members = alike.map((person) => minutesOf(person, now, moments));
    return {
      works: (alike[0] as PlanPerson).works,
      members,
      minutes: moments.map((_moment, at) => members.reduce((sum, minutes) => sum + (minutes[at] ?? 0), 0)),
    };
  });
}
