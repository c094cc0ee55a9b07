import { computed, type ComputedRef } from 'vue';
import { defineStore } from 'pinia';
import { FITNESSES, hasServiceOverdue, type Fitness, type FitnessAnswer } from '@cadre/core/fitness';
import { useNow } from '@cadre/web/platform/time';
import { useFleet } from './use-fleet';

/** May they go out now: one answer a bike, asked once a moment for every view that shows it. */
export const useAnswers = defineStore('answers', () => {
  const fleet = useFleet();
  const now = useNow();
  /** By the bike's id. The same map while nothing in it changed: a tick of the clock alone draws nothing anew. */
  const byBike: ComputedRef<ReadonlyMap<string, FitnessAnswer>> = computed((before) => {
    const at = now.value;
    const answerOf = fleet.fitnessOf;
    const next = new Map(fleet.bikes.map((bike) => [bike.id, answerOf(bike, at)]));
    return before?.size === next.size && [...next].every(([id, answer]) => before.get(id) === answer)
      ? before
      : next;
  });
  const counts = computed(() => {
    const found = Object.fromEntries(FITNESSES.map((fitness) => [fitness, 0])) as Record<Fitness, number>;
    for (const answer of byBike.value.values()) found[answer.fitness] += 1;
    return found;
  });
  /** The bikes with a service overdue, whatever that means for them; the same set while it holds the same. */
  const serviceOverdue: ComputedRef<ReadonlySet<string>> = computed((before) => {
    const at = now.value;
    const next = new Set(
      fleet.bikes.filter((bike) => hasServiceOverdue(bike.facts, at)).map((bike) => bike.id),
    );
    return before?.size === next.size && [...next].every((id) => before.has(id)) ? before : next;
  });
  /** The bikes that came back and wait for their return check. */
  const returnDue: ComputedRef<ReadonlySet<string>> = computed((before) => {
    const next = new Set(fleet.bikes.filter((bike) => bike.facts.returnCheck).map((bike) => bike.id));
    return before?.size === next.size && [...next].every((id) => before.has(id)) ? before : next;
  });
  return { byBike, counts, serviceOverdue, returnDue };
});
