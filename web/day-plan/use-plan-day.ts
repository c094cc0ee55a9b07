import { computed, onMounted, ref, watch, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { DayPlanTold } from '@cadre/contract/day-plan';
import type { Bike } from '@cadre/contract/fleet';
import { planDayQuickly, type PlanBike, type PlanProblem, type Work } from '@cadre/core/day-plan';
import { siteClock, siteDay, siteTimeOn, type Group } from '@cadre/core/schedule';
import { DAY_MS, HOUR_MS } from '@cadre/core/time';
import { now as serverNow, useNow } from '@cadre/web/platform/time';
import { useCatalogue, useCheckMinutes } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useStock } from '@cadre/web/parts';
import { useCrew, type CrewPerson } from '@cadre/web/people';
import { loadQuietly, useRepairs } from '@cadre/web/repairs';
import { useCandidates } from '@cadre/web/schedule';
import { useSolver } from '@cadre/web/solver';
import { useDayPlans } from './use-day-plans';
import { useWorkNow } from './use-work-now';

type Item = DayPlanTold['items'][number];
/** How far an item is: done, or something else came of it. */
export type ItemState = 'waiting' | 'in-hand' | 'done' | 'held' | 'away';

/** Somebody who is here today, and until when by the site’s clock. */
export interface Here {
  readonly person: CrewPerson;
  readonly here: boolean;
  readonly until: string;
}

export interface PlanDay {
  readonly siteId: Ref<string>;
  readonly today: ComputedRef<string>;
  readonly zone: ComputedRef<string>;
  readonly plan: ComputedRef<DayPlanTold | null>;
  readonly groups: ComputedRef<readonly Group[]>;
  readonly crew: ComputedRef<readonly Here[]>;
  readonly quickly: Ref<boolean>;
  /** What a plan is made with has come: nothing is planned by a guess. */
  readonly ready: ComputedRef<boolean>;
  stateOf(item: Item): ItemState;
  setHere(personId: string, here: boolean): void;
  setUntil(personId: string, until: string): void;
  /** Plans the day, or what is left of it, and shares it. */
  make(): Promise<void>;
  /** Gives a bike to somebody; it stays with them however often the day is planned again. */
  give(bikeId: string, personId: string): Promise<void>;
}

const LONGEST_DAY_HOURS = 8;
const LOOK_MINUTES = 5;
const FRESH_DAYS = 14;

/** Of bikes that are alike, how soon the next service is due tells which was used more. */
function wearOf(bike: Bike, now: number): number {
  const next = Math.min(...bike.facts.services.map((each) => each.dueAt), now + 90 * DAY_MS);
  return 1 / (1 + Math.max(0, next - now) / (FRESH_DAYS * DAY_MS));
}

/** Today’s work by person: planned here, shared with all, followed as it is done. */
export function usePlanDay(): PlanDay {
  const fleet = useFleet();
  const plans = useDayPlans();
  const catalogue = useCatalogue();
  const stock = useStock();
  const repairs = useRepairs();
  const people = useCrew();
  const candidates = useCandidates();
  const solver = useSolver();
  const clock = useNow();
  plans.begin();
  const siteId = ref('');
  watch(
    () => fleet.wall?.sites[0]?.id,
    (first) => (siteId.value ||= first ?? ''),
    { immediate: true },
  );
  const loaded = ref(false);
  const reload = (): void =>
    void loadQuietly(stock.load, repairs.load, catalogue.load).then(() => (loaded.value = true));
  onMounted(reload);
  watch(() => fleet.wall, reload);
  const site = computed(() => fleet.siteById.get(siteId.value) ?? null);
  const zone = computed(() => site.value?.timeZone ?? 'UTC');
  const today = computed(() => siteDay(clock.value, zone.value));
  const plan = computed(() => plans.planOf(siteId.value, today.value));
  const groups = computed(() =>
    (fleet.groups as readonly Group[])
      .filter((group) => group.siteId === siteId.value && siteDay(group.outAt, zone.value) === today.value)
      .toSorted((a, b) => a.outAt - b.outAt),
  );
  const workNow = useWorkNow({ items: () => stock.items.value, repairs: () => repairs.repairs.value });
  const minutesOf = useCheckMinutes(
    () => fleet.bikes,
    () => null,
  );

  /** What was said here of who is here: over what the plan has. */
  const said = ref<ReadonlyMap<string, { here?: boolean; until?: string }>>(new Map());
  const usualUntil = computed(() => {
    const opens = site.value?.opensAt ?? '09:00';
    return siteClock(siteTimeOn(today.value, zone.value, opens) + LONGEST_DAY_HOURS * HOUR_MS, zone.value);
  });
  const crew = computed(() =>
    people.value.map((person): Here => {
      const planned = plan.value?.people.find((each) => each.personId === person.id);
      const own = said.value.get(person.id);
      const left = planned !== undefined && planned.until <= planned.from;
      return {
        person,
        here: own?.here ?? (plan.value ? planned !== undefined && !left : true),
        until: own?.until ?? (planned && !left ? siteClock(planned.until, zone.value) : usualUntil.value),
      };
    }),
  );
  const say = (personId: string, more: { here?: boolean; until?: string }): void => {
    said.value = new Map([...said.value, [personId, { ...said.value.get(personId), ...more }]]);
  };

  const quickly = ref(false);
  function stateOf(item: Item): ItemState {
    const bike = fleet.bikeById.get(item.bikeId);
    const now = workNow.value.get(item.bikeId);
    if (!bike || !now || bike.whereabouts === 'gone') return 'away';
    if (now.work === null) return 'done';
    if (bike.whereabouts !== 'in') return 'away';
    if (item.work === 'check' && now.work === 'repair') return 'held';
    // Repaired: what it still wants is a check, and that is planned again.
    if (item.work === 'repair' && now.work === 'check') return 'done';
    const started = repairs.repairs.value.some((each) => each.bikeId === bike.id && each.state === 'started');
    const busy = item.work === 'check' ? bike.openCheckId !== null : started;
    return busy ? 'in-hand' : 'waiting';
  }

  function bikesNow(now: number): readonly PlanBike[] {
    const places = new Map(candidates.value.map((each) => [each.id, each.place]));
    return fleet.bikes.flatMap((bike): PlanBike[] => {
      const needs = workNow.value.get(bike.id);
      if (bike.siteId !== siteId.value || !needs || needs.stuck) return [];
      const { work, job } = needs;
      const minutes =
        work === 'repair' ? (job?.minutes ?? LOOK_MINUTES) : (minutesOf(bike) ?? 0) || LOOK_MINUTES;
      return [
        {
          ...{ id: bike.id, kind: bike.build.kind, size: bike.size, work },
          minutes: work === null ? 0 : Math.ceil(minutes),
          wear: wearOf(bike, now),
          place: places.get(bike.id) ?? 0,
        },
      ];
    });
  }

  async function make(handed?: { readonly bikeId: string; readonly personId: string }): Promise<void> {
    const now = serverNow();
    const before = plan.value;
    const present = crew.value.filter((each) => each.here);
    const worksOf = ({ checks, repairs: mends }: CrewPerson): readonly Work[] => [
      ...(checks ? (['check'] as const) : []),
      ...(mends ? (['repair'] as const) : []),
    ];
    const onDuty = present.map(({ person, until }) => ({
      ...{ id: person.id, works: worksOf(person), from: now },
      until: Math.max(now, siteTimeOn(today.value, zone.value, until)),
    }));
    const items = (before?.items ?? []).map((item) =>
      item.bikeId === handed?.bikeId ? { ...item, personId: handed.personId, byHand: true } : item,
    );
    const stays = (item: Item): boolean =>
      onDuty.some((person) => person.id === item.personId) &&
      (stateOf(item) === 'in-hand' || (item.byHand && stateOf(item) === 'waiting'));
    const bikes = bikesNow(now);
    const problem: PlanProblem = {
      ...{ now, bikes, people: onDuty, groups: groups.value },
      substitution: catalogue.policy()?.substitution ?? 'exact',
      given: items.filter(stays).map(({ bikeId, personId }) => ({ bikeId, personId })),
    };
    const { answer, quickly: quick } = await solver(
      async (worker) => worker.planDay(problem),
      () => planDayQuickly(problem),
    );
    const done = items.filter(
      (item) => stateOf(item) === 'done' && !answer.plan.items.some((each) => each.bikeId === item.bikeId),
    );
    const byHand = new Set(items.filter((item) => item.byHand).map((item) => item.bikeId));
    const left = [...new Set(done.map((item) => item.personId))].filter(
      (id) => !onDuty.some((person) => person.id === id),
    );
    await plans.set(before?.id ?? newId(), {
      ...{ siteId: siteId.value, day: today.value, version: before?.version ?? null, at: now },
      people: [
        ...onDuty.map(({ id, from, until }) => ({ personId: id, from, until })),
        ...left.map((personId) => ({ personId, from: now, until: now })),
      ],
      items: [...done, ...answer.plan.items.map((item) => ({ ...item, byHand: byHand.has(item.bikeId) }))],
      unmet: answer.plan.unmet.map((each) => ({ ...each, want: { ...each.want } })),
      ...{ needed: answer.plan.needed, gap: answer.gap },
    });
    said.value = new Map();
    quickly.value = quick;
  }

  return {
    ...{ siteId, today, zone, plan, groups, crew, quickly, stateOf },
    ready: computed(
      () => loaded.value && people.value.length > 0 && fleet.bikes.every((bike) => minutesOf(bike) !== null),
    ),
    make: () => make(),
    give: (bikeId, personId) => make({ bikeId, personId }),
    setHere: (personId, here) => say(personId, { here }),
    setUntil: (personId, until) => say(personId, { until }),
  };
}
