import { shallowRef, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { questionsOf } from '@cadre/core/catalogue';
import { useCatalogue } from './use-catalogue';

/**
 * Minutes a checklist says a bike of each kind takes, until the program's own are known; null: the ride-out of each kind. 0 until the checklists have come.
 */
export function useCheckMinutes(
  bikes: () => readonly Bike[],
  checklistKey: () => string | null,
): (bike: Bike) => number {
  const catalogue = useCatalogue();
  const minutesOfKind = shallowRef<ReadonlyMap<string, number>>(new Map());
  watch(
    () => `${checklistKey()} ${[...new Set(bikes().map((bike) => bike.build.kind))].sort().join()}`,
    async () => {
      if (!catalogue.known) await catalogue.load();
      const byKind = new Map(bikes().map((bike) => [bike.build.kind, bike]));
      const key = checklistKey();
      const found = await Promise.all(
        [...byKind].map(async ([kind, bike]) => {
          const checklist =
            key === null ? await catalogue.checklistFor(kind) : await catalogue.checklistByKey(key);
          const asked = checklist
            ? questionsOf(checklist.checklist, { build: bike.build, parts: bike.parts })
            : [];
          return [kind, asked.reduce((sum, each) => sum + each.checkpoint.minutes, 0)] as const;
        }),
      );
      minutesOfKind.value = new Map(found);
    },
    { immediate: true },
  );
  return (bike) => minutesOfKind.value.get(bike.build.kind) ?? 0;
}
