import { computed, type ComputedRef } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair } from '@cadre/contract/repairs';
import type { Work } from '@cadre/core/day-plan';
import { mayGoOut, type FitnessAnswer } from '@cadre/core/fitness';
import type { BenchJob } from '@cadre/core/repairs';
import { useNow } from '@cadre/web/platform/time';
import { useAnswers, useFleet } from '@cadre/web/fleet';
import { useBenchJobs } from '@cadre/web/repairs';

export interface WorkNow {
  /** What a bike needs before it may go out; null: nothing, or it is not here. */
  readonly work: Work | null;
  /** The bench's own job where it needs that. */
  readonly job: BenchJob | null;
  /** It cannot be worked on now: away, out, or a part is missing. */
  readonly stuck: boolean;
}

/** What each bike needs now, by its id. */
export function useWorkNow(facts: {
  readonly items: () => readonly StockItem[];
  readonly repairs: () => readonly Repair[];
}): ComputedRef<ReadonlyMap<string, WorkNow>> {
  const fleet = useFleet();
  const answers = useAnswers();
  const clock = useNow();
  const answer = (bike: Bike): FitnessAnswer =>
    answers.byBike.get(bike.id) ?? fleet.fitnessOf(bike, clock.value);
  const jobs = useBenchJobs({ answer, ...facts });
  return computed(() => {
    const byBike = new Map(jobs.value.map((job) => [job.bikeId, job]));
    const onHand = new Map(facts.items().map((item) => [item.id, item.onHand]));
    return new Map(
      fleet.bikes.map((bike): [string, WorkNow] => {
        const { fitness } = answer(bike);
        const job = byBike.get(bike.id) ?? null;
        const away = bike.whereabouts !== 'in' || Boolean(bike.facts.assessment);
        if (mayGoOut(fitness)) return [bike.id, { work: null, job: null, stuck: away }];
        const repair = fitness === 'held' || (job?.frees ?? false);
        const lacks = job?.needs.some((need) => (onHand.get(need.itemId) ?? 0) < need.count) ?? false;
        const stuck = away || (repair && (Boolean(job?.away) || lacks));
        return [bike.id, { work: repair ? 'repair' : 'check', job: repair ? job : null, stuck }];
      }),
    );
  });
}
