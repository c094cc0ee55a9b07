import { computed, type ComputedRef } from 'vue';
import type { Site } from '@cadre/contract/fleet';
import { opensOn, siteDay, siteTimeToday } from '@cadre/core/schedule';
import { useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';

/** The site that opens first, and when it opens today; null where it stays closed. */
export function useOpening(): ComputedRef<{
  readonly site: Site;
  readonly at: number | null;
  readonly clock: string;
} | null> {
  const fleet = useFleet();
  const now = useNow();
  return computed(() => {
    const site = fleet.wall?.sites.toSorted((a, b) => a.opensAt.localeCompare(b.opensAt))[0];
    if (!site) return null;
    const clock = opensOn(site, siteDay(now.value, site.timeZone));
    return {
      site,
      at: clock === null ? null : siteTimeToday(now.value, site.timeZone, clock),
      clock: clock ?? '',
    };
  });
}
