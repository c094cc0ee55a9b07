import { computed, onDeactivated, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { mayGoOut, type Fitness } from '@cadre/core/fitness';
import { useRefusal } from '@cadre/web/ui';
import { freeHooks, useFleet } from '@cadre/web/fleet';
import { useOutingActs } from '@cadre/web/outings';
import { useWallView } from './use-wall';
import * as t from './messages';

interface Selected {
  readonly bikes: readonly Bike[];
  readonly fitnessOf: (bike: Bike) => Fitness;
}

/** What can be done with all selected bikes at once: hand out, take back, hang on a rack. */
export function useSelection(props: Selected) {
  const fleet = useFleet();
  const view = useWallView();
  const refusal = useRefusal();
  const outings = useOutingActs();
  const rackId = ref('');
  const said = ref('');
  // The panel is kept while nothing is selected; what it said belongs to the selection before.
  onDeactivated(() => {
    said.value = '';
    refusal.said.value = null;
  });

  const out = computed(() => props.bikes.filter((bike) => bike.whereabouts === 'out'));
  const ready = computed(() =>
    props.bikes.filter((bike) => bike.whereabouts === 'in' && mayGoOut(props.fitnessOf(bike))),
  );
  /** How many hooks each rack has free, counted in one walk over the fleet. */
  const freeOf = computed(() => {
    const taken = new Set(fleet.bikes.map((bike) => bike.hookId));
    return new Map(
      fleet.racks.map((rack) => [rack.id, rack.hooks.filter((hook) => !taken.has(hook.id)).length]),
    );
  });
  const racks = computed(() => [
    { value: '', label: t.chooseRack },
    ...fleet.racks.map((rack) => ({
      value: rack.id,
      label: t.nameFreeHook({ name: rack.name, freeOf: freeOf.value.get(rack.id) ?? 0 }),
    })),
  ]);
  const target = computed(() => fleet.racks.find((rack) => rack.id === rackId.value) ?? null);
  const free = computed(() =>
    target.value
      ? freeHooks(
          target.value,
          fleet.bikes.filter((bike) => !view.selected.has(bike.id)),
        )
      : [],
  );

  /** By site: bikes of one go out together or not at all; where one cannot, the server names it. */
  async function handOutAll(): Promise<void> {
    said.value = '';
    const bikes = ready.value;
    const sites = [...new Set(bikes.map((bike) => bike.siteId))];
    const done = await refusal.run(async () => {
      for (const siteId of sites) await outings.handOut(bikes.filter((bike) => bike.siteId === siteId));
    });
    if (done) said.value = t.bikePart({ done: bikes.length, part: t.handedOut });
  }
  const taken = (count: number): void => {
    said.value = t.bikePart({ done: count, part: t.takenBack });
  };
  async function hangAll(): Promise<void> {
    const rack = target.value;
    if (!rack) return;
    said.value = '';
    const done = await refusal.run(() =>
      fleet.hang(
        rack.siteId,
        props.bikes.map((bike, index) => ({ bikeId: bike.id, hookId: free.value[index]?.id ?? null })),
      ),
    );
    if (done) said.value = t.bikeMovedName({ bikes: props.bikes.length, name: rack.name });
  }

  return { refusal, rackId, said, out, ready, racks, target, free, handOutAll, taken, hangAll };
}
