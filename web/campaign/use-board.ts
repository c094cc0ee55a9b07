import { computed, ref, type ComputedRef, type Ref } from 'vue';
import type { Campaign } from '@cadre/contract/campaign';
import { planCampaignQuickly, type Slot } from '@cadre/core/campaign';
import { siteDay } from '@cadre/core/schedule';
import { dayWords, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useRefusal, type Refusal } from '@cadre/web/ui';
import { openDays } from './campaign-days';
import { usePlanCampaign, type PlannedAgain, type Wanted } from './use-plan-campaign';
import * as t from './messages';

export interface BoardSlot extends Slot {
  readonly fixed: boolean;
  readonly tag: string;
  readonly minutes: number;
  readonly done: boolean;
}
export interface BoardDay {
  readonly day: string;
  readonly today: boolean;
  /** The site stays closed on it: what stands there is moved when it is planned again. */
  readonly closed: boolean;
  readonly slots: readonly BoardSlot[];
  readonly minutes: number;
}

export interface Board {
  readonly days: ComputedRef<readonly BoardDay[]>;
  /** Planned for days that are over, and not done. */
  readonly overdue: ComputedRef<readonly BoardSlot[]>;
  readonly busiest: ComputedRef<number>;
  readonly slips: ComputedRef<
    readonly { readonly because: Campaign['slips'][number]['because']; readonly tags: readonly string[] }[]
  >;
  readonly wouldBeDone: ComputedRef<string | null>;
  readonly refusal: Refusal;
  readonly said: Ref<string>;
  readonly quickly: Ref<boolean>;
  again(more?: Partial<Wanted>): Promise<boolean>;
  /** Puts a bike on a day with a person; it stays there. */
  fix(bikeId: string, day: string, personId: string): Promise<void>;
  letGo(bikeId: string): Promise<void>;
}

/** A campaign as days with bikes, and what can be done with it. */
export function useBoard(campaign: () => Campaign): Board {
  const fleet = useFleet();
  const planning = usePlanCampaign();
  const refusal = useRefusal();
  const clock = useNow();
  const said = ref('');
  const quickly = ref(false);
  const zone = computed(() => fleet.siteById.get(campaign().siteId)?.timeZone ?? 'UTC');
  const today = computed(() => siteDay(clock.value, zone.value));
  const tagOf = (bikeId: string): string => fleet.bikeById.get(bikeId)?.tag ?? '';
  const slots = computed(() => {
    const minutes = new Map(campaign().bikes.map((bike) => [bike.bikeId, bike.minutes]));
    const done = new Set(campaign().done.map((each) => each.bikeId));
    return campaign().slots.map((slot): BoardSlot => ({
      ...slot,
      tag: tagOf(slot.bikeId),
      minutes: minutes.get(slot.bikeId) ?? 0,
      done: done.has(slot.bikeId),
    }));
  });
  const days = computed(() => {
    const site = fleet.siteById.get(campaign().siteId);
    const open = site ? openDays(site, today.value, campaign().byDay) : [];
    // A day that was closed since still shows what stands on it.
    const all = [...new Set([...open, ...slots.value.map((slot) => slot.day)])].sort();
    return all
      .filter((day) => day >= today.value)
      .map((day): BoardDay => {
        const own = slots.value.filter((slot) => slot.day === day);
        const minutes = own.reduce((sum, slot) => sum + slot.minutes, 0);
        return { day, today: day === today.value, closed: !open.includes(day), slots: own, minutes };
      });
  });
  const slips = computed(() => {
    const byReason = new Map<Campaign['slips'][number]['because'], string[]>();
    for (const { bikeId, because } of campaign().slips)
      byReason.set(because, [...(byReason.get(because) ?? []), tagOf(bikeId)]);
    return [...byReason].map(([because, tags]) => ({ because, tags }));
  });
  const fixedNow = (): readonly Slot[] =>
    campaign()
      .slots.filter((slot) => slot.fixed)
      .map(({ bikeId, day, personId }) => ({ bikeId, day, personId }));

  async function planned(more: Partial<Wanted>, fixed: readonly Slot[]): Promise<PlannedAgain | null> {
    said.value = '';
    let answer: PlannedAgain | null = null;
    await refusal.run(async () => {
      answer = await planning.plan(campaign().id, { ...campaign(), ...more }, campaign(), fixed);
    });
    return answer;
  }
  function tell(answer: PlannedAgain, words: string): void {
    quickly.value = answer.quickly;
    const unkept = answer.unkept.map((slot) =>
      t.unkept({ tag: tagOf(slot.bikeId), day: dayWords(slot.day) }),
    );
    said.value = [words, ...unkept].join(' ');
  }
  async function again(more: Partial<Wanted> = {}): Promise<boolean> {
    const answer = await planned(more, fixedNow());
    if (answer) tell(answer, t.plannedAgain({ others: answer.moved.length }));
    return answer !== null;
  }
  async function fix(bikeId: string, day: string, personId: string): Promise<void> {
    const slot = { bikeId, day, personId };
    const others = fixedNow().filter((each) => each.bikeId !== bikeId);
    const { plan } = planCampaignQuickly(planning.problemOf(campaign(), campaign(), [...others, slot]));
    if (plan.unkept.some((each) => each.bikeId === bikeId)) {
      said.value = '';
      refusal.said.value = { what: t.cannotGo({ tag: tagOf(bikeId) }), todo: t.cannotGoTodo };
      return;
    }
    const answer = await planned({}, [...others, slot]);
    if (!answer) return;
    const moved = answer.moved.filter((each) => each !== bikeId).length;
    tell(answer, t.moved({ tag: tagOf(bikeId), day: dayWords(day), others: moved }));
  }
  async function letGo(bikeId: string): Promise<void> {
    const answer = await planned(
      {},
      fixedNow().filter((each) => each.bikeId !== bikeId),
    );
    if (answer) tell(answer, t.plannedAgain({ others: answer.moved.length }));
  }
  return {
    ...{ days, slips, refusal, said, quickly, again, fix, letGo },
    overdue: computed(() => slots.value.filter((slot) => slot.day < today.value && !slot.done)),
    busiest: computed(() => Math.max(0, ...days.value.map((day) => day.minutes))),
    wouldBeDone: computed(() => (campaign().slips.length > 0 ? planning.wouldBeDone(campaign()) : null)),
  };
}
