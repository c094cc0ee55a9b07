import { computed, onMounted, shallowRef, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { RouteLocationRaw } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { checklistSettling, sealantDose, type SealantDose, type CalendarEntry } from '@cadre/core/calendar';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import { nextOpenDay, siteTimeOn } from '@cadre/core/schedule';
import { rulesOfProgram } from '@cadre/core/services';
import { shippedServices } from '@cadre/core/shipped';
import { dayWords, now } from '@cadre/web/platform/time';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useRounds } from '@cadre/web/rounds';
import { useServiceDone } from '@cadre/web/services';
import { type Refusal } from '@cadre/web/ui';
import * as t from './messages';

export interface EntryActs {
  readonly bikes: ComputedRef<readonly Bike[]>;
  /** The checklist that settles the service with little else asked; none where every one of them asks far more. */
  readonly checklist: Ref<ChecklistVersion | null>;
  /** What a service of sealant takes from the bottle; null for any other. */
  readonly sealant: ComputedRef<SealantDose | null>;
  readonly batch: ComputedRef<RouteLocationRaw | null>;
  readonly refusal: Refusal;
  /** What was done, in words; nothing where it was refused. */
  doneOnAll(): Promise<string>;
  makeRound(): Promise<string>;
}

/** A round made of what falls due on a day is due by its evening, or that of the next day the site is open. */
const EVENING = '18:00';

/** What can be done about all bikes of a service that falls due on a day. */
export function useEntryActs(entry: () => CalendarEntry): EntryActs {
  const fleet = useFleet();
  const catalogue = useCatalogue();
  const rounds = useRounds();
  const { refusal, done } = useServiceDone();
  const checklist = shallowRef<ChecklistVersion | null>(null);
  const bikes = computed(() =>
    entry()
      .bikeIds.flatMap((id) => fleet.bikeById.get(id) ?? [])
      .sort((a, b) => (a.tag < b.tag ? -1 : 1)),
  );
  onMounted(async () => {
    if (entry().kind !== 'service') return;
    if (!catalogue.known) await catalogue.load();
    checklist.value = await settlingChecklist();
  });
  async function settlingChecklist(): Promise<ChecklistVersion | null> {
    const policy = catalogue.policy();
    const rules = policy ? rulesOfProgram(shippedServices(policy.practices), policy.services) : [];
    const settling = rules.find((rule) => rule.key === entry().of)?.settledBy.checkpoints ?? [];
    if (settling.length === 0) return null;
    const all = await Promise.all(
      (catalogue.known?.checklists ?? []).map(({ key }) => catalogue.checklistByKey(key)),
    );
    return checklistSettling(
      settling,
      all.flatMap((each) => (each ? [each.checklist] : [])),
    );
  }
  /** What a service of sealant takes from the bottle; null for any other. */
  const sealant = computed((): SealantDose | null => {
    if (entry().kind !== 'service' || entry().of !== 'sealant') return null;
    return sealantDose(
      bikes.value.map((bike) => ({
        build: bike.build,
        fit: { ...fleet.modelOf(bike)?.fit, ...bike.fit, ...bike.marked },
      })),
    );
  });
  const batch = computed((): RouteLocationRaw | null => {
    const list = checklist.value;
    if (!list) return null;
    const tags = bikes.value.map((bike) => bike.tag).join(',');
    // Each bike has the ride-out of its kind.
    return { name: 'batch-check', query: { bikes: tags, ...(list.clears ? {} : { checklist: list.key }) } };
  });
  async function doneOnAll(): Promise<string> {
    const service = entry().of;
    const all = [...bikes.value];
    const answers = await Promise.all(all.map((bike) => done(bike, service)));
    return t.markedDone({ bikes: answers.filter(Boolean).length });
  }
  /** The round being made has one id, however often it is sent. */
  let roundId = newId();
  async function makeRound(): Promise<string> {
    const { siteId, name, day } = entry();
    const site = fleet.siteById.get(siteId);
    const list = checklist.value;
    if (!site || !list) return '';
    const open = nextOpenDay(site, day) ?? day;
    const made = await refusal.run(() =>
      rounds.make({
        ...{ id: roundId, siteId, name, checklistKey: list.clears ? null : list.key, people: [], at: now() },
        bikeIds: bikes.value.map((bike) => bike.id),
        deadline: Math.max(siteTimeOn(open, site.timeZone, EVENING), now() + 3_600_000),
      }),
    );
    if (!made) return '';
    roundId = newId();
    return t.roundMade({ day: dayWords(open) });
  }
  return { bikes, checklist, sealant, batch, refusal, doneOnAll, makeRound };
}
