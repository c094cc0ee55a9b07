import { computed, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { EventPrep } from '@cadre/contract/event-prep';
import type { Bike } from '@cadre/contract/fleet';
import { prepSteps, type PrepStep } from '@cadre/core/event-prep';
import { ANY_BIKE, type BikeRule } from '@cadre/core/rounds';
import { dayAfter, siteDay, siteTimeOn } from '@cadre/core/schedule';
import { clock, now as serverNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useChosenBikes } from '@cadre/web/schedule';
import { useEvents } from './use-events';
import * as t from './messages';

type Field = 'name' | 'start' | 'bikes';
const MOST_BIKES = 500;
/** Far enough that everything can still be ordered. */
const USUAL_DAYS_AHEAD = 14;

export interface EventForm {
  readonly siteId: Ref<string>;
  readonly name: Ref<string>;
  readonly day: Ref<string>;
  readonly time: Ref<string>;
  readonly rule: Ref<BikeRule>;
  readonly tags: Ref<string>;
  readonly people: Ref<readonly string[]>;
  readonly bikes: ComputedRef<readonly Bike[]>;
  readonly startsAt: ComputedRef<number>;
  /** It has another day than it was planned for. */
  readonly moved: ComputedRef<boolean>;
  readonly steps: ComputedRef<readonly PrepStep[]>;
  readonly errors: ComputedRef<Partial<Record<Field, string>>>;
  save(): Promise<void>;
}

/** Planning an event, or changing one: the days before it are counted back as it is typed. */
export function useEventForm(event: EventPrep | null): EventForm {
  const fleet = useFleet();
  const events = useEvents();
  const siteId = ref(event?.siteId ?? '');
  watch(
    () => fleet.wall?.sites[0]?.id,
    (first) => (siteId.value ||= first ?? ''),
    { immediate: true },
  );
  const site = computed(() => fleet.siteById.get(siteId.value) ?? null);
  const zone = computed(() => site.value?.timeZone ?? 'UTC');
  const name = ref(event?.name ?? '');
  const day = ref(
    event
      ? siteDay(event.startsAt, zone.value)
      : dayAfter(siteDay(serverNow(), zone.value), USUAL_DAYS_AHEAD),
  );
  const time = ref(event ? clock(event.startsAt, zone.value) : (site.value?.opensAt ?? '09:00'));
  const rule = shallowRef<BikeRule>({ ...ANY_BIKE });
  const tags = ref(event ? event.bikeIds.map((id) => fleet.bikeById.get(id)?.tag ?? '').join(' ') : '');
  const people = ref<readonly string[]>(event?.people ?? []);
  const { bikes, tagError } = useChosenBikes({
    siteId,
    tags,
    rule: computed(() => (event ? null : rule.value)),
  });
  const startsAt = computed(() =>
    /^\d{4}-\d{2}-\d{2}$/.test(day.value) && /^\d{2}:\d{2}$/.test(time.value)
      ? siteTimeOn(day.value, zone.value, time.value)
      : NaN,
  );
  const errors = computed((): Partial<Record<Field, string>> => ({
    ...(name.value.trim() ? {} : { name: t.enterName }),
    ...(Number.isNaN(startsAt.value)
      ? { start: t.enterStart }
      : startsAt.value <= serverNow()
        ? { start: t.startInPast }
        : {}),
    ...(tagError.value
      ? { bikes: tagError.value }
      : bikes.value.length === 0
        ? { bikes: t.noBikes }
        : bikes.value.length > MOST_BIKES
          ? { bikes: t.tooManyBikes({ bikes: bikes.value.length }) }
          : {}),
  }));
  /** What this form plans has one id, however often it is sent. */
  const id = event?.id ?? newId();
  return {
    ...{ siteId, name, day, time, rule, tags, people, bikes, startsAt, errors },
    moved: computed(() => event !== null && siteDay(event.startsAt, zone.value) !== day.value),
    steps: computed(() =>
      site.value && !Number.isNaN(startsAt.value) ? prepSteps(startsAt.value, site.value, serverNow()) : [],
    ),
    async save() {
      await events.set(id, {
        ...{ siteId: siteId.value, name: name.value.trim(), startsAt: startsAt.value },
        bikeIds: bikes.value.map((bike) => bike.id),
        people: [...people.value],
        version: event?.version ?? null,
      });
    },
  };
}
