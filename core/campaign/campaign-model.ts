import { IntegerModel } from '@cadre/core/solver';
import { fixedOf, type Fixed } from './fixed';
import { minutesOn, type CampaignBike, type CampaignProblem } from './problem';

/** Minutes are rounded up to these. */
export const STEP_MINUTES = 5;
/** A bike done by the last day is worth more than any levelling. */
const DONE = 1_000_000;
/** Then the busiest day is as short as can be: a step of minutes. */
const BUSIEST = 100;
/** Then nobody has much more than the others: a step of the minutes of whoever has most. */
const BUSIEST_PERSON = 20;
/** Then a bike stays where it stood, unless the busiest day gets a quarter of an hour shorter by moving it. */
const STAYS = 300;
/** Then the earlier day. */
const LATER = 1;

/** Bikes that take as long and can begin on the same day. */
export interface CampaignClass {
  readonly minutes: number;
  /** The first day its parts are there, as it is numbered. */
  readonly from: number;
  readonly bikes: readonly CampaignBike[];
}

/** So many bikes of a class done by somebody on a day. */
export interface Doing {
  readonly variable: number;
  readonly of: number;
  readonly person: number;
  readonly day: number;
}

export interface CampaignModel {
  readonly classes: readonly CampaignClass[];
  readonly doing: readonly Doing[];
  readonly model: IntegerModel;
  /** How many of each stay where they stood before. */
  readonly staying: readonly { readonly variable: number; readonly doing: number; readonly most: number }[];
  /** The steps of minutes of the busiest day. */
  readonly busiest: number;
  /** The same of the busiest person, over all days. */
  readonly busiestPerson: number;
  readonly fixed: Fixed;
  /** Minutes each person has on each day. */
  readonly room: readonly (readonly number[])[];
  /** Minutes of each day that are spoken for. */
  readonly spentOn: readonly number[];
}

function classesOf(problem: CampaignProblem, fixed: Fixed): readonly CampaignClass[] {
  const kept = new Set(fixed.kept.map((slot) => slot.bikeId));
  const byKey = new Map<string, { minutes: number; from: number; bikes: CampaignBike[] }>();
  for (const bike of problem.bikes) {
    if (kept.has(bike.id)) continue;
    const { partsOn } = bike;
    const from = partsOn === null ? 0 : problem.days.findIndex((day) => day >= partsOn);
    if (from < 0) continue;
    const minutes = Math.ceil(bike.minutes / STEP_MINUTES) * STEP_MINUTES;
    const key = `${minutes} ${from}`;
    const known = byKey.get(key);
    if (known) known.bikes.push(bike);
    else byKey.set(key, { minutes, from, bikes: [bike] });
  }
  return [...byKey.values()].map((each) => ({
    ...each,
    bikes: each.bikes.toSorted((a, b) => a.order - b.order),
  }));
}

/** A campaign as whole numbers to choose: how many bikes of each class each person does on each day, within their hours and the stands, the busiest day short. */
export function campaignModel(problem: CampaignProblem): CampaignModel {
  const { days, people, stands, standMinutes } = problem;
  const fixed = fixedOf(problem);
  const classes = classesOf(problem, fixed);
  const model = new IntegerModel();
  const doing: Doing[] = [];
  const rooms = people.map((who, person) =>
    days.map((day, at) => minutesOn(who, day) - (fixed.spent[person]?.[at] ?? 0)),
  );
  const room = (person: number, day: number): number => rooms[person]?.[day] ?? 0;
  for (const [of, { minutes, from, bikes }] of classes.entries())
    for (const person of people.keys())
      for (let day = from; day < days.length; day += 1) {
        const most = Math.min(bikes.length, Math.floor(room(person, day) / minutes));
        if (most > 0) doing.push({ variable: model.variable(most, DONE - LATER * day), of, person, day });
      }
  const spentOn = days.map((_day, at) => fixed.spent.reduce((sum, each) => sum + (each[at] ?? 0), 0));
  const busiest = model.variable(Math.ceil((stands * standMinutes) / STEP_MINUTES), -BUSIEST);
  const allMinutes = problem.bikes.reduce((sum, bike) => sum + bike.minutes + STEP_MINUTES, 0);
  const busiestPerson = model.variable(Math.ceil(allMinutes / STEP_MINUTES), -BUSIEST_PERSON);
  const staying = doing.flatMap(({ variable, of, person, day }) => {
    const stood = (problem.before ?? []).filter(
      (slot) =>
        slot.personId === people[person]?.id &&
        slot.day === days[day] &&
        classes[of]?.bikes.some((bike) => bike.id === slot.bikeId),
    ).length;
    const most = Math.min(stood, model.most[variable] ?? 0);
    if (most === 0) return [];
    const stays = model.variable(most, STAYS);
    model.atMost(
      [
        { variable: stays, times: 1 },
        { variable, times: -1 },
      ],
      0,
    );
    return [{ variable: stays, doing: variable, most }];
  });
  const load = (own: readonly Doing[]) =>
    own.map(({ variable, of }) => ({ variable, times: classes[of]?.minutes ?? 0 }));
  for (const day of days.keys()) {
    const own = doing.filter((each) => each.day === day);
    if (own.length === 0) continue;
    const spent = spentOn[day] ?? 0;
    model.atMost(load(own), stands * standMinutes - spent);
    model.atMost([...load(own), { variable: busiest, times: -STEP_MINUTES }], -spent);
    for (const person of people.keys())
      model.atMost(load(own.filter((each) => each.person === person)), room(person, day));
  }
  for (const [person, spent] of fixed.spent.entries())
    model.atMost(
      [
        ...load(doing.filter((each) => each.person === person)),
        { variable: busiestPerson, times: -STEP_MINUTES },
      ],
      -spent.reduce((sum, minutes) => sum + minutes, 0),
    );
  for (const [of, { bikes }] of classes.entries())
    model.atMost(
      doing.filter((each) => each.of === of).map(({ variable }) => ({ variable, times: 1 })),
      bikes.length,
    );
  return { classes, doing, staying, model, busiest, busiestPerson, fixed, room: rooms, spentOn };
}
