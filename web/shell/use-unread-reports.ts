import { computed, type ComputedRef } from 'vue';
import { useFleet } from '@cadre/web/fleet';

/** How many reports nobody has dealt with, on all bikes. */
export function useUnreadReports(): ComputedRef<number> {
  const fleet = useFleet();
  return computed(() => fleet.bikes.reduce((sum, bike) => sum + bike.facts.reports.length, 0));
}
