import { computed, type ComputedRef, type Ref } from 'vue';
import type { Labelled } from '@cadre/core/labels';
import { useFleet } from '@cadre/web/fleet';
import { useLabels } from './use-labels';

export interface Subject {
  readonly id: string;
  readonly name: string;
  readonly code: string | null;
}

/** What of a site can carry a label, with the code it has. */
export function useSubjects(
  kind: Ref<Labelled>,
  siteId: ComputedRef<string>,
): ComputedRef<readonly Subject[]> {
  const fleet = useFleet();
  const labels = useLabels();
  const subject = (id: string, name: string): Subject => ({
    ...{ id, name },
    code: labels.bySubject.get(id)?.code ?? null,
  });
  return computed(() => {
    const racks = fleet.racks.filter((rack) => rack.siteId === siteId.value);
    switch (kind.value) {
      case 'bike':
        return fleet.bikes
          .filter((bike) => bike.siteId === siteId.value)
          .map((bike) => subject(bike.id, bike.tag))
          .toSorted((a, b) => a.name.localeCompare(b.name, undefined, { numeric: true }));
      case 'hook':
        return racks.flatMap((rack) =>
          rack.hooks.map((hook) => subject(hook.id, `${rack.name} ${hook.number}`)),
        );
      default:
        return racks.map((rack) => subject(rack.id, rack.name));
    }
  });
}
