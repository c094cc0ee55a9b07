import { computed, type ComputedRef } from 'vue';
import { mayGoOut } from '@cadre/core/fitness';
import { benchOrder, type BenchPlace } from '@cadre/core/repairs';
import { useNow } from '@cadre/web/platform/time';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useBenchJobs, type BenchFacts } from './use-bench-jobs';

interface Facts extends BenchFacts {
  readonly hands: () => number;
}

/** The jobs of the bench in the order that has most wanted bikes out soonest, reckoned anew whenever a fact changes. */
export function useBenchOrder(facts: Facts): ComputedRef<readonly BenchPlace[]> {
  const { answer, items, hands } = facts;
  const fleet = useFleet();
  const catalogue = useCatalogue();
  const now = useNow();
  const jobs = useBenchJobs(facts);
  return computed(() =>
    benchOrder({
      jobs: jobs.value,
      groups: fleet.groups,
      bikes: fleet.bikes.map((bike) => ({
        ...{ id: bike.id, siteId: bike.siteId, kind: bike.build.kind, size: bike.size },
        ready: bike.whereabouts === 'in' && mayGoOut(answer(bike).fitness),
      })),
      shelf: new Map(items().map((item) => [item.id, { onHand: item.onHand, leadDays: item.leadDays }])),
      substitution: catalogue.policy()?.substitution,
      hands: hands(),
      now: now.value,
    }),
  );
}
