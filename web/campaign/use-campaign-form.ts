import { computed, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import { ANY_BIKE, type BikeRule } from '@cadre/core/rounds';
import { dayAfter, siteDay } from '@cadre/core/schedule';
import { now as serverNow } from '@cadre/web/platform/time';
import { useCheckMinutes } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useCrew } from '@cadre/web/people';
import { useChosenBikes } from '@cadre/web/schedule';
import { openDays } from './campaign-days';
import { usePlanCampaign, type Wanted } from './use-plan-campaign';
import * as t from './messages';

const USUAL_CHECKLIST = 'season-opening';
const USUAL_DAYS = 42;
const USUAL_STANDS = 2;
const USUAL_HOURS = '6';
const MOST_BIKES = 500;
const LEAST_MINUTES = 5;

/** A delivery bikes wait for. */
export interface Delivery {
  readonly tags: string;
  readonly day: string;
}
export type CampaignField = 'name' | 'byDay' | 'stands' | 'standHours' | 'people' | 'bikes' | 'parts';

export interface CampaignForm {
  readonly siteId: Ref<string>;
  readonly name: Ref<string>;
  readonly checklistKey: Ref<string>;
  readonly byDay: Ref<string>;
  readonly stands: Ref<string>;
  readonly standHours: Ref<string>;
  /** Hours a day of each who takes part, as typed. */
  readonly hours: Ref<ReadonlyMap<string, string>>;
  readonly rule: Ref<BikeRule>;
  readonly tags: Ref<string>;
  readonly deliveries: Ref<readonly Delivery[]>;
  readonly bikes: ComputedRef<readonly Bike[]>;
  readonly totalHours: ComputedRef<number>;
  /** The minutes of the checklist have come: nothing is planned by a guess. */
  readonly ready: ComputedRef<boolean>;
  readonly errors: ComputedRef<Partial<Record<CampaignField, string>>>;
  save(): Promise<void>;
}

/** Hours as typed, in minutes; NaN where they are none. */
function minutesOf(hours: string): number {
  const value = Number(hours.trim().replace(',', '.'));
  return hours.trim() !== '' && value > 0 && value <= 24 ? Math.round(value * 60) : NaN;
}

/** What a campaign is planned with. */
export function useCampaignForm(): CampaignForm {
  const fleet = useFleet();
  const crew = useCrew();
  const planning = usePlanCampaign();
  const siteId = ref('');
  watch(
    () => fleet.wall?.sites[0]?.id,
    (first) => (siteId.value ||= first ?? ''),
    { immediate: true },
  );
  const site = computed(() => fleet.siteById.get(siteId.value) ?? null);
  const today = computed(() => siteDay(serverNow(), site.value?.timeZone ?? 'UTC'));
  const name = ref(t.usualName);
  const checklistKey = ref(USUAL_CHECKLIST);
  const byDay = ref(dayAfter(today.value, USUAL_DAYS));
  const stands = ref(String(USUAL_STANDS));
  const standHours = ref('8');
  const hours = ref<ReadonlyMap<string, string>>(new Map());
  watch(
    crew,
    (people) => {
      if (hours.value.size === 0)
        hours.value = new Map(people.filter((each) => each.repairs).map((each) => [each.id, USUAL_HOURS]));
    },
    { immediate: true },
  );
  const rule = shallowRef<BikeRule>({ ...ANY_BIKE });
  const tags = ref('');
  const deliveries = ref<readonly Delivery[]>([]);
  const { bikes, tagError, bikeOf } = useChosenBikes({ siteId, tags, rule });
  const minutesFor = useCheckMinutes(
    () => bikes.value,
    () => checklistKey.value,
  );
  const minutesEach = (bike: Bike): number => Math.max(LEAST_MINUTES, Math.ceil(minutesFor(bike) ?? 0));
  const waiting = (delivery: Delivery): readonly string[] => delivery.tags.split(/[\s,;]+/).filter(Boolean);
  function partsError(): string | null {
    for (const delivery of deliveries.value) {
      const unknown = waiting(delivery).filter(
        (tag) => !bikes.value.some((bike) => bike.id === bikeOf(tag)?.id),
      );
      if (unknown.length) return t.notInCampaign({ unknown: unknown.join(', ') });
      if (waiting(delivery).length > 0 && !/^\d{4}-\d{2}-\d{2}$/.test(delivery.day)) return t.enterPartsDay;
    }
    return null;
  }
  function bikesError(): string | null {
    if (tagError.value) return tagError.value;
    if (bikes.value.length === 0) return t.noBikes;
    return bikes.value.length > MOST_BIKES ? t.tooManyBikes({ bikes: bikes.value.length }) : null;
  }
  function dayError(): string | null {
    if (!/^\d{4}-\d{2}-\d{2}$/.test(byDay.value)) return t.enterDay;
    if (byDay.value < today.value) return t.dayInPast;
    return site.value && openDays(site.value, today.value, byDay.value).length === 0 ? t.noOpenDay : null;
  }
  function peopleError(): string | null {
    if (hours.value.size === 0) return t.nobody;
    return [...hours.value.values()].some((each) => Number.isNaN(minutesOf(each))) ? t.enterHours : null;
  }
  const standCount = computed(() => (/^\d{1,2}$/.test(stands.value.trim()) ? Number(stands.value) : 0));
  const errors = computed((): Partial<Record<CampaignField, string>> => {
    const found: readonly (readonly [CampaignField, string | null])[] = [
      ['name', name.value.trim() ? null : t.enterName],
      ['byDay', dayError()],
      ['stands', standCount.value >= 1 && standCount.value <= 50 ? null : t.enterStands],
      ['standHours', Number.isNaN(minutesOf(standHours.value)) ? t.enterHours : null],
      ['people', peopleError()],
      ['bikes', bikesError()],
      ['parts', partsError()],
    ];
    return Object.fromEntries(found.filter(([, error]) => error !== null)) as Partial<
      Record<CampaignField, string>
    >;
  });
  const id = newId();
  async function save(): Promise<void> {
    const partsOn = (bike: Bike): string | null => {
      const days = deliveries.value
        .filter((delivery) => waiting(delivery).some((tag) => bikeOf(tag)?.id === bike.id))
        .map((delivery) => delivery.day)
        .sort();
      return days.at(-1) ?? null;
    };
    const wanted: Wanted = {
      ...{ siteId: siteId.value, name: name.value.trim(), checklistKey: checklistKey.value },
      ...{ byDay: byDay.value, stands: standCount.value, standMinutes: minutesOf(standHours.value) },
      people: [...hours.value].map(([personId, typed]) => ({
        personId,
        minutes: minutesOf(typed),
        away: [],
      })),
      bikes: bikes.value.map((bike) => ({
        ...{ bikeId: bike.id, minutes: minutesEach(bike), partsOn: partsOn(bike) },
      })),
    };
    await planning.plan(id, wanted, null, []);
  }
  return {
    ...{
      siteId,
      name,
      checklistKey,
      byDay,
      stands,
      standHours,
      hours,
      rule,
      tags,
      deliveries,
      bikes,
      errors,
    },
    ready: computed(() => bikes.value.every((bike) => minutesFor(bike) !== null)),
    totalHours: computed(() =>
      Math.round(bikes.value.reduce((sum, bike) => sum + minutesEach(bike), 0) / 60),
    ),
    save,
  };
}
