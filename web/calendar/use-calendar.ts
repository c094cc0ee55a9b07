import { computed, onMounted, ref, watch, type ComputedRef, type Ref } from 'vue';
import { calendarEntries, type CalendarEntry, type CalendarKind } from '@cadre/core/calendar';
import { opensOn, siteClock, siteDay, siteTimeOn } from '@cadre/core/schedule';
import { now as serverNow, useNow } from '@cadre/web/platform/time';
import { useCampaigns } from '@cadre/web/campaign';
import { useFleet } from '@cadre/web/fleet';
import { loadQuietly, useRepairs } from '@cadre/web/repairs';
import { stepWords, useEvents } from '@cadre/web/event-prep';
import { useRounds } from '@cadre/web/rounds';

export interface Calendar {
  /** The site whose days are shown; empty: all. */
  readonly siteId: Ref<string>;
  readonly kind: Ref<CalendarKind | 'all'>;
  /** Only what this person does, or nobody in particular; empty: everyone. */
  readonly person: Ref<string>;
  /** Only what is of the bike with this tag. */
  readonly tag: Ref<string>;
  readonly tagUnknown: ComputedRef<boolean>;
  readonly entries: ComputedRef<readonly CalendarEntry[]>;
  readonly picked: Ref<string | null>;
  readonly entry: ComputedRef<CalendarEntry | null>;
  readonly today: ComputedRef<string>;
  /** Why a round cannot stand on a day; null where it can. */
  refusedOn(entry: CalendarEntry, day: string): 'past' | 'closed' | null;
  /** Moves a round to another day, at the time it has. */
  move(entry: CalendarEntry, day: string): Promise<void>;
}

/** What stands on the days to come, and what is picked of it. */
export function useCalendar(): Calendar {
  const fleet = useFleet();
  const rounds = useRounds();
  rounds.begin();
  const events = useEvents();
  events.begin();
  const campaigns = useCampaigns();
  campaigns.begin();
  const clock = useNow();
  const siteId = ref('');
  watch(
    () => fleet.wall?.sites[0]?.id,
    (first) => (siteId.value ||= first ?? ''),
    { immediate: true },
  );
  const kind = ref<CalendarKind | 'all'>('all');
  const person = ref('');
  const tag = ref('');
  const picked = ref<string | null>(null);
  const isFor = (people: readonly string[]): boolean =>
    person.value === '' || people.length === 0 || people.includes(person.value);
  const bench = useRepairs();
  const loadRepairs = (): void => void loadQuietly(bench.load);
  onMounted(loadRepairs);
  watch(() => fleet.wall, loadRepairs);
  const deliveries = computed(() =>
    bench.repairs.value.flatMap(({ id, bikeId, plan, state }) => {
      const bike = fleet.bikeById.get(bikeId);
      const waits = plan.waits;
      if (!bike || state !== 'started' || waits?.for !== 'parts' || waits.until === null) return [];
      return [{ id, siteId: bike.siteId, bikeId, what: waits.what, at: waits.until }];
    }),
  );
  const all = computed(() =>
    calendarEntries(
      {
        sites: fleet.wall?.sites ?? [],
        // What is nobody's in particular is everybody's; groups and what falls due belong to no person.
        bikes: person.value ? [] : fleet.bikes,
        groups: person.value ? [] : fleet.groups,
        rounds: rounds.rounds.filter((round) => isFor(round.people)),
        deliveries: person.value ? [] : deliveries.value,
        campaigns: campaigns.campaigns.map((campaign) => ({
          ...campaign,
          slots: campaign.slots.filter((slot) => isFor([slot.personId])),
          bikes: person.value ? [] : campaign.bikes,
        })),
        events: events.events
          .filter((event) => isFor(event.people))
          .map((event) => ({
            ...event,
            steps: event.steps.map((step) => ({ ...step, name: stepWords[step.step].name })),
          })),
      },
      clock.value,
    ),
  );
  const wanted = computed(() => tag.value.trim().toLowerCase());
  const bike = computed(() => fleet.bikes.find((each) => each.tag.toLowerCase() === wanted.value) ?? null);
  const entries = computed(() =>
    all.value.filter(
      (each) =>
        (siteId.value === '' || each.siteId === siteId.value) &&
        (kind.value === 'all' || each.kind === kind.value) &&
        (wanted.value === '' || (bike.value !== null && each.bikeIds.includes(bike.value.id))),
    ),
  );
  const zoneOf = (entry: CalendarEntry): string => fleet.siteById.get(entry.siteId)?.timeZone ?? 'UTC';
  return {
    siteId,
    kind,
    person,
    tag,
    tagUnknown: computed(() => wanted.value !== '' && bike.value === null),
    entries,
    picked,
    entry: computed(() => all.value.find((each) => each.key === picked.value) ?? null),
    today: computed(() => siteDay(clock.value, fleet.wall?.sites[0]?.timeZone ?? 'UTC')),
    refusedOn(entry, day) {
      if (day < siteDay(serverNow(), zoneOf(entry))) return 'past';
      const site = fleet.siteById.get(entry.siteId);
      return site && opensOn(site, day) === null ? 'closed' : null;
    },
    async move(entry, day) {
      const round = rounds.rounds.find((each) => each.id === entry.of);
      if (!round) return;
      const { name, bikeIds, people, version } = round;
      const deadline = siteTimeOn(day, zoneOf(entry), siteClock(round.deadline, zoneOf(entry)));
      await rounds.change(round.id, { name, bikeIds: [...bikeIds], people: [...people], deadline, version });
    },
  };
}
