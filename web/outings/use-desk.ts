import { computed, type ComputedRef, type Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Outing } from '@cadre/contract/outings';
import type { Group } from '@cadre/contract/schedule';
import { isLate, remainingWants, type ReadyBike } from '@cadre/core/outings';
import { siteDay, type Group as CoreGroup } from '@cadre/core/schedule';
import { useNow } from '@cadre/web/platform/time';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useCandidates } from '@cadre/web/schedule';
import { useOutings } from './use-outings';

export interface OutBike {
  readonly bike: Bike;
  readonly outing: Outing | null;
  readonly late: boolean;
}

/** What the desk of one site looks at: its groups of today, the bikes that may go out, and those that are out. */
export function useDesk(chosen: Ref<string>): {
  readonly siteId: ComputedRef<string>;
  readonly zone: ComputedRef<string>;
  /** Not back yet, the first to go out first. */
  readonly groups: ComputedRef<readonly Group[]>;
  /** The same with what they still want. */
  readonly waiting: ComputedRef<readonly CoreGroup[]>;
  readonly ready: ComputedRef<readonly ReadyBike[]>;
  readonly out: ComputedRef<readonly OutBike[]>;
  readonly takenBy: (groupId: string) => readonly Bike[];
} {
  const fleet = useFleet();
  const outings = useOutings();
  const catalogue = useCatalogue();
  const candidates = useCandidates();
  const now = useNow();
  outings.begin();
  void catalogue.load();
  const siteId = computed(() => chosen.value || (fleet.wall?.sites[0]?.id ?? ''));
  const zone = computed(() => fleet.siteById.get(siteId.value)?.timeZone ?? 'UTC');
  const groups = computed(() => {
    const today = siteDay(now.value, zone.value);
    return (fleet.groups as readonly Group[])
      .filter((group) => group.siteId === siteId.value && group.backAt > now.value)
      .filter((group) => siteDay(group.outAt, zone.value) === today || group.outAt < now.value)
      .toSorted((a, b) => a.outAt - b.outAt);
  });
  const ready = computed(() =>
    candidates.value
      .filter((each) => each.ready && each.siteId === siteId.value)
      .map(({ id, siteId: at, kind, size, place }): ReadyBike => ({
        ...{ id, siteId: at, kind, size, place },
        outings: outings.lately.get(id) ?? 0,
      })),
  );
  const out = computed(() =>
    fleet.bikes
      .filter((bike) => bike.whereabouts === 'out' && bike.siteId === siteId.value)
      .map((bike): OutBike => {
        const outing = outings.outingOf(bike.id);
        return { bike, outing, late: outing !== null && isLate(outing, now.value) };
      })
      .toSorted(
        (a, b) =>
          Number(b.late) - Number(a.late) ||
          (a.outing?.dueBackAt ?? Infinity) - (b.outing?.dueBackAt ?? Infinity) ||
          a.bike.tag.localeCompare(b.bike.tag),
      ),
  );
  const takenBy = (groupId: string): readonly Bike[] =>
    (outings.known?.outings ?? [])
      .filter((outing) => outing.groupId === groupId)
      .flatMap((outing) => fleet.bikeById.get(outing.bikeId) ?? []);
  const waiting = computed(() =>
    groups.value.map((group) => ({
      ...group,
      wants: remainingWants(
        group.wants,
        takenBy(group.id).map((bike) => ({ kind: bike.build.kind, size: bike.size })),
        catalogue.policy()?.substitution ?? 'exact',
      ),
    })),
  );
  return { siteId, zone, groups, waiting, ready, out, takenBy };
}
