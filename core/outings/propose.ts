import { serves, standsIn, type Group, type SizeSubstitution, type Want } from '@cadre/core/schedule';
import type { BikeKind } from '@cadre/core/fleet';

/** A bike that may go out and hangs here now. */
export interface ReadyBike {
  readonly id: string;
  readonly siteId: string;
  readonly kind: BikeKind;
  readonly size: string;
  /** Outings of late: the fewer, the less worn. */
  readonly outings: number;
  /** Where it hangs along the racks, counted in hooks. */
  readonly place: number;
}

/** One bike of one line of what a group wants. */
export interface ProposedPlace {
  readonly want: Want;
  /** Null: none is left for it. */
  readonly bikeId: string | null;
  /** It stands in for another size. */
  readonly standsIn: boolean;
}

export interface Proposal {
  readonly groupId: string;
  readonly places: readonly ProposedPlace[];
}

/** Bikes with so many outings more or less are taken for equally worn: then the nearest hook decides. */
const OUTINGS_ALIKE = 3;

interface Place {
  readonly group: Group;
  readonly want: Want;
  readonly bikes: readonly ReadyBike[];
}

/** Exact before stand-in, then the least worn, then the nearest hook. */
function choicesFor(
  group: Group,
  want: Want,
  bikes: readonly ReadyBike[],
  substitution: SizeSubstitution,
): readonly ReadyBike[] {
  const rank = (bike: ReadyBike): number => (serves(bike, want) ? 0 : 1);
  const worn = (bike: ReadyBike): number => Math.floor(bike.outings / OUTINGS_ALIKE);
  return bikes
    .filter(
      (bike) => bike.siteId === group.siteId && (serves(bike, want) || standsIn(bike, want, substitution)),
    )
    .sort((a, b) => rank(a) - rank(b) || worn(a) - worn(b) || a.place - b.place);
}

/** Whether both are out at some moment: one bike cannot be with both. */
const overlap = (a: Place | undefined, b: Place | undefined): boolean =>
  a !== undefined && b !== undefined && a.group.outAt < b.group.backAt && b.group.outAt < a.group.backAt;

/** How few bikes a want leaves to choose from: the narrower is served first, so that "any" never takes the only one of a kind. */
const narrowness = (want: Want): number => (want.kind === null ? 0 : 1) + (want.size === '' ? 0 : 1);

/**
 * Which bikes each group takes, the earliest departure first: a bike for as many of its places as can be, every bike once at a time. A bike given to one place moves to
 * another when that is the only way to serve one more; nobody who was served goes without for it.
 *
 * @param kept bikes chosen by hand or scanned already, by group: they keep their group
 */
export function proposeBikes(
  groups: readonly Group[],
  bikes: readonly ReadyBike[],
  substitution: SizeSubstitution,
  kept: ReadonlyMap<string, readonly string[]> = new Map(),
): readonly Proposal[] {
  const ordered = [...groups].sort((a, b) => a.outAt - b.outAt || (a.id < b.id ? -1 : 1));
  const keptBy = new Map([...kept].flatMap(([groupId, ids]) => ids.map((id) => [id, groupId] as const)));
  const places: Place[] = ordered.flatMap((group) => {
    const own = bikes.filter((bike) => (keptBy.get(bike.id) ?? group.id) === group.id);
    return [...group.wants]
      .sort((a, b) => narrowness(b) - narrowness(a))
      .flatMap((want) => {
        const choices = choicesFor(group, want, own, substitution);
        // What is in somebody's hand goes before what only hangs there.
        const first = choices.filter((bike) => keptBy.has(bike.id));
        const all = [...first, ...choices.filter((bike) => !keptBy.has(bike.id))];
        return Array.from({ length: want.count }, (): Place => ({ group, want, bikes: all }));
      });
  });
  const placesOf = new Map<string, readonly number[]>();
  const bikeOf = new Map<number, string>();
  /** The places that have this bike while this one wants it. */
  const inTheWay = (at: number, id: string): readonly number[] =>
    (placesOf.get(id) ?? []).filter((other) => overlap(places[at], places[other]));
  const give = (at: number, id: string): true => {
    placesOf.set(id, [...(placesOf.get(id) ?? []).filter((other) => bikeOf.get(other) === id), at]);
    bikeOf.set(at, id);
    return true;
  };
  /** The best that is free; where none is, one whose place can have another. */
  const serve = (at: number, seen: Set<string>): boolean => {
    const choices = places[at]?.bikes ?? [];
    const free = choices.find(({ id }) => inTheWay(at, id).length === 0);
    if (free) return give(at, free.id);
    return choices.some(({ id }) => {
      if (seen.has(id)) return false;
      seen.add(id);
      const [other, ...more] = inTheWay(at, id);
      return other !== undefined && more.length === 0 && serve(other, seen) && give(at, id);
    });
  };
  // What was chosen by hand is placed first, and stays: it can move within its group only.
  for (const at of places.keys())
    if (places[at]?.bikes.some((bike) => keptBy.has(bike.id) && !placesOf.has(bike.id))) serve(at, new Set());
  for (const at of places.keys()) if (!bikeOf.has(at)) serve(at, new Set());
  const known = new Map(bikes.map((bike) => [bike.id, bike]));
  return ordered.map((group) => ({
    groupId: group.id,
    places: places.flatMap((place, at): ProposedPlace[] => {
      if (place.group !== group) return [];
      const bike = known.get(bikeOf.get(at) ?? '');
      return [
        { want: place.want, bikeId: bike?.id ?? null, standsIn: bike ? !serves(bike, place.want) : false },
      ];
    }),
  }));
}

/** Bikes that could take a place instead, best first: what the desk swaps by touch. */
export function alternativesFor(
  group: Group,
  want: Want,
  bikes: readonly ReadyBike[],
  substitution: SizeSubstitution,
  taken: ReadonlySet<string>,
): readonly ReadyBike[] {
  return choicesFor(
    group,
    want,
    bikes.filter((bike) => !taken.has(bike.id)),
    substitution,
  );
}
