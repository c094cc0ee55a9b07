import { computed, type ComputedRef } from 'vue';
import { mayGoOut } from '@cadre/core/fitness';
import type { RoundCandidate } from '@cadre/core/rounds';
import { useAnswers, useFleet } from '@cadre/web/fleet';

/** Every bike as far as choosing some for a line or a round goes: where it hangs, what it is, whether it is due. */
export function useCandidates(): ComputedRef<readonly RoundCandidate[]> {
  const fleet = useFleet();
  const answers = useAnswers();
  const hooks = computed(() => {
    const places = new Map<string, { rackId: string; place: number }>();
    for (const rack of fleet.racks)
      for (const hook of rack.hooks) places.set(hook.id, { rackId: rack.id, place: places.size });
    return places;
  });
  return computed(() =>
    fleet.bikes.map((bike, index) => {
      const hook = hooks.value.get(bike.hookId ?? '');
      const fitness = answers.byBike.get(bike.id)?.fitness ?? 'due';
      return {
        id: bike.id,
        siteId: bike.siteId,
        rackId: hook?.rackId ?? null,
        // What hangs on no hook comes after all that does.
        place: hook?.place ?? hooks.value.size + index,
        kind: bike.build.kind,
        size: bike.size,
        whereabouts: bike.whereabouts,
        due: fitness === 'due',
        returned: bike.facts.returnCheck !== undefined,
        ready: bike.whereabouts === 'in' && mayGoOut(fitness),
      };
    }),
  );
}
