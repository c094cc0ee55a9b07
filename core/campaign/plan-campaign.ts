import type { Highs } from 'highs';
import { solve } from '@cadre/core/solver';
import { campaignModel, type CampaignModel } from './campaign-model';
import { greedyCampaign } from './greedy';
import {
  minutesOn,
  type CampaignPlan,
  type CampaignProblem,
  type Slip,
  type SlipBecause,
  type Slot,
} from './problem';

export interface PlannedCampaign {
  readonly plan: CampaignPlan;
  /** How far from the best there could be, as a share; null: made the quick way, nobody knows. */
  readonly gap: number | null;
}

function becauseOf(problem: CampaignProblem, bike: CampaignProblem['bikes'][number]): SlipBecause {
  const here = problem.people.filter((person) => problem.days.some((day) => minutesOn(person, day) > 0));
  if (here.length === 0) return 'nobody';
  const last = problem.days.at(-1);
  if (bike.partsOn !== null && (last === undefined || bike.partsOn > last)) return 'parts-late';
  const longest = Math.min(
    problem.standMinutes * problem.stands,
    Math.max(...here.map((each) => each.minutes)),
  );
  return bike.minutes > longest ? 'too-long' : 'no-room';
}

/** A choice of numbers told bike by bike. */
function told(problem: CampaignProblem, campaign: CampaignModel, values: readonly number[]): CampaignPlan {
  const left = campaign.classes.map((each) => [...each.bikes]);
  const slots: Slot[] = [...campaign.fixed.kept];
  const inOrder = campaign.doing.toSorted((a, b) => a.day - b.day);
  const open = [...values];
  const stood = new Map((problem.before ?? []).map((slot) => [slot.bikeId, slot]));
  const slotOf = (bikeId: string, { person, day }: (typeof inOrder)[number]): Slot => ({
    ...{ bikeId, day: problem.days[day] ?? '', personId: problem.people[person]?.id ?? '' },
  });
  const take = (each: (typeof inOrder)[number], bikeId: string): void => {
    slots.push(slotOf(bikeId, each));
    left[each.of] = (left[each.of] ?? []).filter((bike) => bike.id !== bikeId);
    open[each.variable] = (open[each.variable] ?? 0) - 1;
  };
  for (const each of inOrder)
    for (const { id } of left[each.of] ?? []) {
      const before = stood.get(id);
      const now = slotOf(id, each);
      if ((open[each.variable] ?? 0) > 0 && before?.day === now.day && before.personId === now.personId)
        take(each, id);
    }
  for (const each of inOrder)
    for (const { id } of (left[each.of] ?? []).slice(0, open[each.variable] ?? 0)) take(each, id);
  const placed = new Set(slots.map((slot) => slot.bikeId));
  const minutes = new Map(problem.bikes.map((bike) => [bike.id, bike.minutes]));
  const load = new Map<string, number>();
  for (const slot of slots) load.set(slot.day, (load.get(slot.day) ?? 0) + (minutes.get(slot.bikeId) ?? 0));
  return {
    slots: slots.toSorted((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0)),
    slips: problem.bikes
      .filter((bike) => !placed.has(bike.id))
      .map((bike): Slip => ({ bikeId: bike.id, because: becauseOf(problem, bike) })),
    unkept: campaign.fixed.unkept,
    busiest: Math.max(0, ...load.values()),
  };
}

/** A campaign planned the quick way. */
export function planCampaignQuickly(problem: CampaignProblem): PlannedCampaign {
  const campaign = campaignModel(problem);
  const quick = greedyCampaign(campaign, problem.stands * problem.standMinutes);
  return { plan: told(problem, campaign, quick), gap: null };
}

/**
 * The fleet by a date: which bike on which day by whom, so that most are done by then, the busiest day is short, and what is alike comes early. What was put on its day
 * by hand stays there wherever it can. Never worse than the quick way.
 *
 * @param seconds the solver may take: more than 0
 */
export function planCampaign(problem: CampaignProblem, highs: Highs, seconds: number): PlannedCampaign {
  const campaign = campaignModel(problem);
  const quick = greedyCampaign(campaign, problem.stands * problem.standMinutes);
  const { values, gap } = solve(highs, campaign.model, quick, seconds);
  return { plan: told(problem, campaign, values), gap };
}

/** The day a campaign would be done by with these people, were there days enough; null where more days do not help. */
export function doneBy(problem: CampaignProblem, laterDays: readonly string[]): string | null {
  const { plan } = planCampaignQuickly({ ...problem, days: [...problem.days, ...laterDays] });
  return plan.slips.length > 0 ? null : (plan.slots.at(-1)?.day ?? null);
}
