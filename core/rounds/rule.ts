import type { BikeKind, Whereabouts } from '@cadre/core/fleet';
import { sizeKey } from '@cadre/core/fleet';
import { coverGroups, serves, type Group, type SizeSubstitution } from '@cadre/core/schedule';

/** Which bikes a round is of. An empty list asks nothing; `named` are in whatever the rest says. */
export interface BikeRule {
  readonly rackIds: readonly string[];
  readonly kinds: readonly BikeKind[];
  readonly sizes: readonly string[];
  /** Only what has no valid check. */
  readonly due: boolean;
  /** Only what serves a group that goes out on the day of the round. */
  readonly forGroups: boolean;
  /** Only what came back and is due for the return checklist. Absent in rules from before there were any. */
  readonly returned?: boolean | undefined;
  readonly named: readonly string[];
}

export const ANY_BIKE: BikeRule = {
  rackIds: [],
  kinds: [],
  sizes: [],
  due: false,
  forGroups: false,
  named: [],
};

/** A bike as far as rounds go. */
export interface RoundCandidate {
  readonly id: string;
  readonly siteId: string;
  readonly rackId: string | null;
  /** Where it hangs along the racks of its site, counted in hooks. */
  readonly place: number;
  readonly kind: BikeKind;
  readonly size: string;
  readonly whereabouts: Whereabouts;
  readonly due: boolean;
  /** It may go out and hangs here now. */
  readonly ready: boolean;
  /** It came back from what the policy wants the return checklist after. */
  readonly returned?: boolean | undefined;
}

/** The bikes of a site a rule means, in rack order. What is laid up or gone is in no round. */
export function bikesOfRule<T extends RoundCandidate>(
  rule: BikeRule,
  bikes: readonly T[],
  groups: readonly Group[],
): readonly T[] {
  const asks =
    rule.rackIds.length + rule.kinds.length + rule.sizes.length > 0 ||
    rule.due ||
    rule.forGroups ||
    rule.returned === true;
  const sizes = rule.sizes.map(sizeKey);
  const wants = groups.flatMap((group) => group.wants);
  const meant = (bike: T): boolean =>
    (rule.rackIds.length === 0 || (bike.rackId !== null && rule.rackIds.includes(bike.rackId))) &&
    (rule.kinds.length === 0 || rule.kinds.includes(bike.kind)) &&
    (sizes.length === 0 || sizes.includes(sizeKey(bike.size))) &&
    (!rule.due || bike.due) &&
    (!rule.returned || bike.returned === true) &&
    (!rule.forGroups || wants.some((want) => serves(bike, want)));
  return bikes
    .filter((bike) => bike.whereabouts !== 'gone' && bike.whereabouts !== 'laid-up')
    .filter((bike) => rule.named.includes(bike.id) || ((asks || rule.named.length === 0) && meant(bike)))
    .sort((a, b) => a.place - b.place);
}

/**
 * Which bikes today's groups need looked at, each with when the first group that needs it goes out: as many of the kind and size
 * a group is short of as it is short, in rack order, the earliest group first.
 */
export function neededBikes(
  bikes: readonly RoundCandidate[],
  groups: readonly Group[],
  now: number,
  substitution: SizeSubstitution = 'exact',
): ReadonlyMap<string, number> {
  const needed = new Map<string, number>();
  const waiting = bikes
    .filter((bike) => !bike.ready && bike.whereabouts === 'in')
    .sort((a, b) => a.place - b.place);
  for (const { group, wants } of coverGroups(groups, bikes, now, substitution)) {
    for (const { want, short } of wants) {
      const chosen = waiting
        .filter((bike) => bike.siteId === group.siteId && !needed.has(bike.id) && serves(bike, want))
        .slice(0, short);
      for (const bike of chosen) needed.set(bike.id, group.outAt);
    }
  }
  return needed;
}
