import { shallowRef, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { questionsOf } from '@cadre/core/catalogue';
import { useCatalogue } from './use-catalogue';

/**
 * Minutes a checklist says a bike of each kind takes, until the program's own are known; null: the ride-out of each kind. Null until the checklists have come.
 */
export function useCheckMinutes(
  bikes: () => readonly Bike[],
  checklistKey: () => string | null,
): (bike: Bike) => number | null {
  const catalogue = useCatalogue();
  const known = shallowRef<{ readonly of: string | null; readonly minutes: ReadonlyMap<string, number> }>();
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
      known.value = { of: key, minutes: new Map(found) };
    },
    { immediate: true },
  );
  // Those of another checklist, chosen a moment ago, are none of this one’s.
  return (bike) =>
    known.value?.of === checklistKey() ? (known.value.minutes.get(bike.build.kind) ?? null) : null;
}
