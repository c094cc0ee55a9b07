import type { Campaign, setCampaign } from '@cadre/contract/campaign';
import type { BodyOf } from '@cadre/contract/http';
import { doneBy, planCampaignQuickly, type CampaignProblem, type Slot } from '@cadre/core/campaign';
import { siteDay } from '@cadre/core/schedule';
import { now as serverNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSolver } from '@cadre/web/solver';
import { openDays, openDaysAfter } from './campaign-days';
import { useCampaigns } from './use-campaigns';

/** What a campaign is planned with, before it has a plan. */
export type Wanted = Pick<
  Campaign,
  'siteId' | 'name' | 'checklistKey' | 'byDay' | 'stands' | 'standMinutes' | 'people' | 'bikes'
>;

export interface PlannedAgain {
  readonly campaign: Campaign;
  /** Bikes that are on another day than before. */
  readonly moved: readonly string[];
  /** What was fixed and could not stay. */
  readonly unkept: readonly Slot[];
  readonly quickly: boolean;
}

export interface PlanCampaign {
  /** Plans a new one, or one again: what is done and what is fixed stays. */
  plan(id: string, wanted: Wanted, before: Campaign | null, fixed: readonly Slot[]): Promise<PlannedAgain>;
  /** The day it would be done by with the same people; null where more days do not help. */
  wouldBeDone(campaign: Campaign): string | null;
  /** What is still to be planned of one, from today on. */
  problemOf(wanted: Wanted, before: Campaign | null, fixed: readonly Slot[]): CampaignProblem;
}

/** Planning campaigns beside the screen's own thread, and sharing what came of it. */
export function usePlanCampaign(): PlanCampaign {
  const fleet = useFleet();
  const campaigns = useCampaigns();
  const solver = useSolver();

  function problemOf(wanted: Wanted, before: Campaign | null, fixed: readonly Slot[]): CampaignProblem {
    const site = fleet.siteById.get(wanted.siteId);
    const done = new Set((before?.done ?? []).map((each) => each.bikeId));
    const today = siteDay(serverNow(), site?.timeZone ?? 'UTC');
    return {
      days: site ? openDays(site, today, wanted.byDay) : [],
      bikes: wanted.bikes
        .map(({ bikeId, minutes, partsOn }, order) => ({ id: bikeId, minutes, partsOn, order }))
        .filter((bike) => !done.has(bike.id)),
      people: wanted.people.map(({ personId, minutes, away }) => ({
        id: personId,
        minutes,
        away: [...away],
      })),
      ...{ stands: wanted.stands, standMinutes: wanted.standMinutes, fixed },
      before: (before?.slots ?? []).map(({ bikeId, day, personId }) => ({ bikeId, day, personId })),
    };
  }

  async function plan(
    id: string,
    wanted: Wanted,
    before: Campaign | null,
    fixed: readonly Slot[],
  ): Promise<PlannedAgain> {
    const problem = problemOf(wanted, before, fixed);
    const { answer, quickly } = await solver(
      async (worker) => worker.planCampaign(problem),
      () => planCampaignQuickly(problem),
    );
    const { slots, slips, unkept } = answer.plan;
    const isFixed = (slot: Slot): boolean =>
      fixed.some((each) => each.bikeId === slot.bikeId && each.day === slot.day);
    const done = new Set((before?.done ?? []).map((each) => each.bikeId));
    const past = (before?.slots ?? []).filter((slot) => done.has(slot.bikeId));
    const { siteId, name, checklistKey, byDay, stands, standMinutes, people, bikes } = wanted;
    const body: Omit<BodyOf<typeof setCampaign>, 'id'> = {
      ...{ siteId, name, checklistKey, byDay, stands, standMinutes },
      people: people.map((each) => ({ ...each, away: [...each.away] })),
      bikes: bikes.map((each) => ({ ...each })),
      slots: [...past, ...slots.map((slot) => ({ ...slot, fixed: isFixed(slot) }))].filter((slot) =>
        people.some((each) => each.personId === slot.personId),
      ),
      slips: slips.map((slip) => ({ ...slip })),
      ...{ gap: answer.gap, version: before?.version ?? null, at: serverNow() },
    };
    const dayBefore = new Map((before?.slots ?? []).map((slot) => [slot.bikeId, slot.day]));
    return {
      campaign: await campaigns.set(id, body),
      moved: before
        ? slots.filter((slot) => dayBefore.get(slot.bikeId) !== slot.day).map((slot) => slot.bikeId)
        : [],
      unkept,
      quickly,
    };
  }

  function wouldBeDone(campaign: Campaign): string | null {
    const site = fleet.siteById.get(campaign.siteId);
    if (!site) return null;
    const fixed = campaign.slots.filter((slot) => slot.fixed);
    return doneBy(problemOf(campaign, campaign, fixed), openDaysAfter(site, campaign.byDay));
  }
  return { plan, wouldBeDone, problemOf };
}
