import { computed, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { questionsOf, zonesOf, type Question } from '@cadre/core/catalogue';
import { WASH_BAY } from '@cadre/core/batch-check';
import { ANY_BIKE, bikesOfRule, type BikeRule } from '@cadre/core/rounds';
import type { Group } from '@cadre/core/schedule';
import { useCatalogue } from '@cadre/web/catalogue';
import { withPosition, ZONE_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useCandidates } from '@cadre/web/schedule';
import { EACH_RIDE_OUT } from './use-batch-checklists';
import * as t from './messages';

export interface Option {
  readonly value: string;
  readonly label: string;
}

export interface BatchChoice {
  readonly siteId: Ref<string>;
  readonly rule: Ref<BikeRule>;
  readonly checklistKey: Ref<string>;
  readonly of: Ref<string>;
  readonly bikes: ComputedRef<readonly Bike[]>;
  readonly sites: ComputedRef<readonly Option[]>;
  readonly checklists: ComputedRef<readonly Option[]>;
  readonly scopes: ComputedRef<readonly Option[]>;
}

/** Choosing a batch: whose bikes, with which checklist, and whether with all of it, one zone or one checkpoint. */
export function useBatchChoice(named: () => readonly Bike[] | null): BatchChoice {
  const fleet = useFleet();
  const catalogue = useCatalogue();
  const candidates = useCandidates();
  const siteId = ref('');
  const rule = shallowRef<BikeRule>(ANY_BIKE);
  const checklistKey = ref<string>(EACH_RIDE_OUT);
  const of = ref('');
  const asked = shallowRef<readonly Question[]>([]);
  watch(
    () => fleet.wall?.sites[0]?.id,
    (first) => (siteId.value ||= first ?? ''),
    { immediate: true },
  );
  const bikes = computed(() => {
    const chosen = named();
    if (chosen) return chosen;
    const here = candidates.value.filter((bike) => bike.siteId === siteId.value);
    const groups = (fleet.groups as readonly Group[]).filter((group) => group.siteId === siteId.value);
    return bikesOfRule(rule.value, here, groups).flatMap((each) => fleet.bikeById.get(each.id) ?? []);
  });
  const checklists = computed(() => [
    { value: EACH_RIDE_OUT, label: t.rideOutCheckFor },
    ...(catalogue.known?.checklists ?? [])
      .filter((checklist) => !checklist.clears)
      .map((checklist) => ({ value: checklist.key, label: checklist.name })),
  ]);

  /** What the checklist asks of these bikes, so that only what is asked at all can be chosen. */
  watch(
    [checklistKey, bikes],
    async () => {
      const key = checklistKey.value;
      const byKind = new Map(bikes.value.map((bike) => [bike.build.kind, bike]));
      const all = new Map<string, Question>();
      for (const [kind, bike] of byKind) {
        const checklist =
          key === EACH_RIDE_OUT ? await catalogue.checklistFor(kind) : await catalogue.checklistByKey(key);
        if (checklistKey.value !== key) return; // another was chosen meanwhile
        if (checklist)
          for (const each of questionsOf(checklist.checklist, { build: bike.build, parts: bike.parts }))
            all.set(each.key, each);
      }
      asked.value = [...all.values()];
      if (!scopes.value.some((each) => each.value === of.value)) of.value = '';
    },
    { immediate: true },
  );
  const scopes = computed((): Option[] => {
    const zones = zonesOf('m-front-first').filter((zone) => asked.value.some((each) => each.zone === zone));
    const looks = new Map(asked.value.map((each) => [each.checkpoint.key, each]));
    return [
      { value: '', label: t.wholeChecklist },
      ...(asked.value.some((each) => WASH_BAY.has(each.checkpoint.key))
        ? [{ value: 'wash', label: t.washBayScope }]
        : []),
      ...zones.map((zone) => ({
        value: `zone:${zone}`,
        label: t.onlyZone({ zone: ZONE_WORDS[zone].toLowerCase() }),
      })),
      ...[...looks.values()].map((each) => ({
        value: `look:${each.checkpoint.key}`,
        label: withPosition(each.checkpoint.name, 'only'),
      })),
    ];
  });
  return {
    siteId,
    rule,
    checklistKey,
    of,
    bikes,
    sites: computed(() => (fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name }))),
    checklists,
    scopes,
  };
}
