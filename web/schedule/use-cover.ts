import { computed, type ComputedRef } from 'vue';
import { mayGoOut } from '@cadre/core/fitness';
import { coverGroups, type Group, type GroupCover } from '@cadre/core/schedule';
import { useNow } from '@cadre/web/platform/time';
import { useCatalogue } from '@cadre/web/catalogue';
import { useAnswers, useFleet } from '@cadre/web/fleet';

/** How far the bikes that may go out now go round the groups that are coming. */
export function useCover(): ComputedRef<readonly GroupCover[]> {
  const fleet = useFleet();
  const answers = useAnswers();
  const catalogue = useCatalogue();
  const now = useNow();
  const stock = computed(() =>
    fleet.bikes.map((bike) => ({
      id: bike.id,
      siteId: bike.siteId,
      kind: bike.build.kind,
      size: bike.size,
      ready: bike.whereabouts === 'in' && mayGoOut(answers.byBike.get(bike.id)?.fitness ?? 'due'),
    })),
  );
  return computed(() =>
    coverGroups(fleet.groups as readonly Group[], stock.value, now.value, catalogue.policy()?.substitution),
  );
}
