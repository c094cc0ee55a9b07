import { HOUR_MS } from '@cadre/core/time';
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import type { Round, StandingRound } from '@cadre/contract/rounds';
import { ANY_BIKE, type BikeRule } from '@cadre/core/rounds';
import { nextOpenDay, opensOn, siteDay, siteTimeOn } from '@cadre/core/schedule';
import { clock, now as serverNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useChosenBikes } from '@cadre/web/schedule';
import { useRounds } from './use-rounds';
import * as t from './messages';

const RIDE_OUT = '';
type Field = 'name' | 'tags' | 'deadline' | 'bikes';

export interface RoundForm {
  readonly siteId: Ref<string>;
  readonly name: Ref<string>;
  readonly checklistKey: Ref<string>;
  readonly rule: Ref<BikeRule>;
  /** Tags typed, beside what the rule means. */
  readonly tags: Ref<string>;
  readonly people: Ref<readonly string[]>;
  readonly day: Ref<string>;
  readonly time: Ref<string>;
  /** Made once, or by itself on every day the site opens. */
  readonly daily: Ref<boolean>;
  readonly active: Ref<boolean>;
  readonly bikes: ComputedRef<readonly Bike[]>;
  readonly errors: ComputedRef<Partial<Record<Field, string>>>;
  /** The id of what was made or changed. */
  save(): Promise<string>;
}

/** Making a round, or changing one: by rule and by tag, once or for every day. */
export function useRoundForm(round: Round | null, standing: StandingRound | null): RoundForm {
  const fleet = useFleet();
  const rounds = useRounds();
  const siteId = ref(round?.siteId ?? standing?.siteId ?? '');
  watch(
    () => fleet.wall?.sites[0]?.id,
    (first) => (siteId.value ||= first ?? ''),
    { immediate: true },
  );
  const site = computed(() => fleet.siteById.get(siteId.value) ?? null);
  const zone = computed(() => site.value?.timeZone ?? 'UTC');
  const name = ref(round?.name ?? standing?.name ?? t.morningRound);
  const checklistKey = ref(round?.checklistKey ?? standing?.checklistKey ?? RIDE_OUT);
  const rule = shallowRef<BikeRule>(standing?.rule ?? { ...ANY_BIKE, due: round === null });
  const tags = ref(round ? round.bikeIds.map((id) => fleet.bikeById.get(id)?.tag ?? '').join(' ') : '');
  const people = ref<readonly string[]>(round?.people ?? standing?.people ?? []);
  const daily = ref(standing !== null);
  const active = ref(standing?.active ?? true);
  const until = round?.deadline ?? firstDeadline();
  const day = ref(siteDay(until, zone.value));
  const time = ref(standing?.doneBy ?? clock(until, zone.value));

  /** When the site opens next: today an hour from now where it is open already, else on the next day it opens. */
  function firstDeadline(): number {
    const here = site.value;
    const inAnHour = serverNow() + HOUR_MS;
    if (!here) return inAnHour;
    const today = siteDay(serverNow(), zone.value);
    const day = nextOpenDay(here, today) ?? today;
    const opening = siteTimeOn(day, zone.value, opensOn(here, day) ?? here.opensAt);
    return opening > serverNow() ? opening : inAnHour;
  }
  const isClosed = computed(
    () =>
      site.value !== null && /^\d{4}-\d{2}-\d{2}$/.test(day.value) && opensOn(site.value, day.value) === null,
  );

  const { bikes, typed, bikeOf, tagError } = useChosenBikes({
    siteId,
    tags,
    rule: computed(() => (round ? null : rule.value)),
  });
  const deadline = computed(() =>
    /^\d{4}-\d{2}-\d{2}$/.test(day.value) && /^\d{2}:\d{2}$/.test(time.value)
      ? siteTimeOn(day.value, zone.value, time.value)
      : NaN,
  );
  const errors = computed((): Partial<Record<Field, string>> => ({
    ...(name.value.trim() ? {} : { name: t.enterNameForRound }),
    ...(tagError.value ? { tags: tagError.value } : {}),
    ...(daily.value
      ? /^\d{2}:\d{2}$/.test(time.value)
        ? {}
        : { deadline: t.enterTimeDeadline }
      : Number.isNaN(deadline.value)
        ? { deadline: t.enterDayTimeDeadline }
        : !round && deadline.value <= serverNow()
          ? { deadline: t.timeInPast }
          : isClosed.value
            ? { deadline: t.siteClosedThatDay({ site: site.value?.name ?? '' }) }
            : {}),
    ...(bikes.value.length === 0 && !daily.value ? { bikes: t.roundHasNoBikes } : {}),
    ...(bikes.value.length > 500 ? { bikes: t.roundCanHaveUp({ bikes: bikes.value.length }) } : {}),
  }));

  /** The round this form makes has one id, however often it is sent. */
  const ownId = newId();
  async function save(): Promise<string> {
    const shared = { name: name.value.trim(), people: [...people.value] };
    const bikeIds = bikes.value.map((bike) => bike.id);
    const checklist = checklistKey.value === RIDE_OUT ? null : checklistKey.value;
    if (round) {
      await rounds.change(round.id, { ...shared, bikeIds, deadline: deadline.value, version: round.version });
      return round.id;
    }
    if (daily.value) {
      const id = standing?.id ?? ownId;
      const { rackIds, kinds, sizes, due, forGroups, returned } = rule.value;
      const named = typed.value.flatMap((tag) => bikeOf(tag)?.id ?? []);
      await rounds.setStanding(id, {
        ...shared,
        siteId: siteId.value,
        checklistKey: checklist,
        rule: {
          rackIds: [...rackIds],
          kinds: [...kinds],
          sizes: [...sizes],
          due,
          forGroups,
          ...(returned ? { returned } : {}),
          named: [...new Set([...rule.value.named, ...named])],
        },
        doneBy: time.value,
        active: active.value,
        version: standing?.version ?? null,
      });
      return id;
    }
    const id = ownId;
    await rounds.make({
      ...shared,
      id,
      siteId: siteId.value,
      checklistKey: checklist,
      bikeIds,
      deadline: deadline.value,
      at: serverNow(),
    });
    return id;
  }
  return { siteId, name, checklistKey, rule, tags, people, day, time, daily, active, bikes, errors, save };
}
