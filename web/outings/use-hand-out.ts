import { useLocalStorage } from '@vueuse/core';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Group } from '@cadre/contract/schedule';
import { alternativesFor, proposeBikes, type ProposedPlace, type ReadyBike } from '@cadre/core/outings';
import type { Want } from '@cadre/core/schedule';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import type { useDesk } from './use-desk';

/** What was scanned or ticked for a group, and what was put in by hand: it outlives a closed tab. */
interface Batch {
  readonly ticked: readonly string[];
  readonly chosen: readonly string[];
}
const NONE: Batch = { ticked: [], chosen: [] };

export interface PlaceShown extends ProposedPlace {
  readonly bike: Bike | null;
  readonly ticked: boolean;
}

/** The bikes of one group on their way out: proposed, swapped, scanned; then handed out together. */
export function useHandOut(
  desk: ReturnType<typeof useDesk>,
  group: ComputedRef<Group | null>,
): {
  readonly places: ComputedRef<readonly PlaceShown[]>;
  readonly lacking: ComputedRef<readonly Want[]>;
  /** Scanned, but of no kind or size the group asked for. */
  readonly extra: ComputedRef<readonly Bike[]>;
  readonly going: ComputedRef<readonly Bike[]>;
  readonly swapping: Ref<string | null>;
  readonly others: ComputedRef<readonly ReadyBike[]>;
  tick(bikeId: string): void;
  untick(bikeId: string): void;
  swap(bikeId: string, by: string): void;
  clear(): void;
} {
  const fleet = useFleet();
  const catalogue = useCatalogue();
  const batches = useLocalStorage<Record<string, Batch>>('cadre.hand-out', {});
  const key = computed(() => group.value?.id ?? 'walk-in');
  const batch = computed(() => batches.value[key.value] ?? NONE);
  const set = (more: Partial<Batch>): void => {
    batches.value = { ...batches.value, [key.value]: { ...batch.value, ...more } };
  };
  const substitution = computed(() => catalogue.policy()?.substitution ?? 'exact');
  const isReady = computed(() => new Set(desk.ready.value.map(({ id }) => id)));
  /** What was chosen and cannot go any more is left out: the places say that a bike is missing. */
  const chosen = computed(() =>
    [...new Set([...batch.value.ticked, ...batch.value.chosen])].filter((id) => isReady.value.has(id)),
  );
  /** The group with what it still wants. */
  const open = computed(() => desk.waiting.value.find(({ id }) => id === group.value?.id) ?? null);
  const places = computed((): readonly PlaceShown[] => {
    const own = open.value;
    if (!own) return [];
    const kept = new Map([
      ...desk.groups.value.map((each) => [each.id, batches.value[each.id]?.ticked ?? []] as const),
      [own.id, chosen.value] as const,
    ]);
    const proposal = proposeBikes(desk.waiting.value, desk.ready.value, substitution.value, kept);
    return (proposal.find((each) => each.groupId === own.id)?.places ?? []).map((place) => ({
      ...place,
      bike: fleet.bikeById.get(place.bikeId ?? '') ?? null,
      ticked: place.bikeId !== null && batch.value.ticked.includes(place.bikeId),
    }));
  });
  /** What no bike is left for, by kind and size. */
  const lacking = computed(() => {
    const wants = new Map<string, Want>();
    for (const { want, bike } of places.value) {
      const key = `${want.kind ?? ''} ${want.size}`;
      if (!bike) wants.set(key, { ...want, count: (wants.get(key)?.count ?? 0) + 1 });
    }
    return [...wants.values()];
  });
  const placed = computed(() => new Set(places.value.flatMap(({ bikeId }) => bikeId ?? [])));
  const extra = computed(() =>
    chosen.value
      .filter((id) => batch.value.ticked.includes(id) && !placed.value.has(id))
      .flatMap((id) => fleet.bikeById.get(id) ?? []),
  );
  const going = computed(() => [
    ...places.value.flatMap(({ ticked, bike }) => (ticked && bike ? [bike] : [])),
    ...extra.value,
  ]);
  const swapping = ref<string | null>(null);
  const others = computed(() => {
    const place = places.value.find(({ bikeId }) => bikeId !== null && bikeId === swapping.value);
    if (!place || !group.value) return [];
    return alternativesFor(group.value, place.want, desk.ready.value, substitution.value, placed.value);
  });
  const tick = (bikeId: string): void => {
    if (!batch.value.ticked.includes(bikeId)) set({ ticked: [...batch.value.ticked, bikeId] });
  };
  const untick = (bikeId: string): void => set({ ticked: batch.value.ticked.filter((id) => id !== bikeId) });
  /** The bike that was put in stays in the group, ticked where the one before it was. */
  function swap(bikeId: string, by: string): void {
    const over = (ids: readonly string[]): string[] => ids.filter((id) => id !== bikeId);
    const wasTicked = batch.value.ticked.includes(bikeId);
    const held = places.value.flatMap(({ bikeId: id }) => (id === null || id === bikeId ? [] : [id]));
    set({
      ticked: [...over(batch.value.ticked), ...(wasTicked ? [by] : [])],
      chosen: [...new Set([...held, by])],
    });
    swapping.value = null;
  }
  const clear = (): void => set(NONE);
  return { places, lacking, extra, going, swapping, others, tick, untick, swap, clear };
}
