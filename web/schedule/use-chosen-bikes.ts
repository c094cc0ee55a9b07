import { computed, type ComputedRef, type Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { bikesOfRule, type BikeRule } from '@cadre/core/rounds';
import type { Group } from '@cadre/core/schedule';
import { useFleet } from '@cadre/web/fleet';
import { useCandidates } from './use-candidates';
import * as t from './messages';

export interface ChosenBikes {
  /** Each once: those of the rule in its order, then those named. */
  readonly bikes: ComputedRef<readonly Bike[]>;
  readonly typed: ComputedRef<readonly string[]>;
  readonly tagError: ComputedRef<string | null>;
  bikeOf(tag: string): Bike | undefined;
}

/** The bikes meant by a rule and by tags typed beside it: of one site, each once. A null rule means tags alone. */
export function useChosenBikes(input: {
  readonly siteId: Readonly<Ref<string>>;
  readonly tags: Readonly<Ref<string>>;
  readonly rule: Readonly<Ref<BikeRule | null>>;
}): ChosenBikes {
  const { siteId, tags, rule } = input;
  const fleet = useFleet();
  const candidates = useCandidates();
  const typed = computed(() => tags.value.split(/[\s,;]+/).filter(Boolean));
  const byTag = computed(() => new Map(fleet.bikes.map((bike) => [bike.tag.toUpperCase(), bike])));
  const bikeOf = (tag: string): Bike | undefined => byTag.value.get(tag.toUpperCase());
  const byRule = computed(() => {
    if (!rule.value) return [];
    const here = candidates.value.filter((bike) => bike.siteId === siteId.value);
    const groups = (fleet.groups as readonly Group[]).filter((group) => group.siteId === siteId.value);
    return bikesOfRule(rule.value, here, groups).flatMap((each) => fleet.bikeById.get(each.id) ?? []);
  });
  const bikes = computed(() => {
    const named = typed.value.flatMap((tag) => bikeOf(tag) ?? []);
    return [...new Map([...byRule.value, ...named].map((bike) => [bike.id, bike])).values()];
  });
  const tagError = computed(() => {
    const unknown = typed.value.filter((tag) => !bikeOf(tag));
    if (unknown.length) return t.noBikeHasTag({ unknown: unknown.join(', ') });
    const elsewhere = typed.value.filter((tag) => bikeOf(tag)?.siteId !== siteId.value);
    if (elsewhere.length) return t.anotherSiteElsewhere({ elsewhere: elsewhere.join(', ') });
    const upper = typed.value.map((tag) => tag.toUpperCase());
    const twice = [...new Set(upper.filter((tag, index) => upper.indexOf(tag) !== index))];
    if (twice.length) return t.listedTwiceTwiceRemove({ twice: twice.join(', ') });
    const already = byRule.value.filter((bike) => upper.includes(bike.tag.toUpperCase()));
    return already.length
      ? t.alreadyIncludedChoiceAbove({ already: already.map((bike) => bike.tag).join(', ') })
      : null;
  });
  return { bikes, typed, tagError, bikeOf };
}
