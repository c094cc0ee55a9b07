import type { Group } from '@cadre/core/schedule';
import { kitProblems, type KitFields, type KitKind, type KitState } from './kit-item';

/** What a group takes along: a helmet for every bike it asked for, one repair kit and one pump. */
export function kitWanted(
  group: Pick<Group, 'wants'>,
): readonly { readonly kind: KitKind; readonly count: number }[] {
  const bikes = group.wants.reduce((sum, want) => sum + want.count, 0);
  return [
    { kind: 'helmet', count: bikes },
    { kind: 'repair-kit', count: 1 },
    { kind: 'pump', count: 1 },
  ];
}

/** A kind of item a group takes, with those set aside or proposed for it and how many more there should be. */
interface KitShare<T> {
  readonly kind: KitKind;
  readonly wanted: number;
  readonly items: readonly T[];
  readonly lacking: number;
}

type Item = KitFields & KitState & { readonly id: string };

/**
 * The items a group takes: what is packed for it already, then those that may be lent, with the sizes that are left most first, so that there is one for every head.
 *
 * @param day today at the site, an ISO date
 */
export function proposeKit<T extends Item>(
  group: Pick<Group, 'id' | 'siteId' | 'wants'>,
  items: readonly T[],
  day: string,
): readonly KitShare<T>[] {
  const own = items.filter(
    (item) =>
      item.siteId === group.siteId && kitProblems(item, day).length === 0 && item.whereabouts !== 'out',
  );
  return kitWanted(group).map(({ kind, count }) => {
    const packed = own.filter((item) => item.kind === kind && item.groupId === group.id);
    const free = own.filter((item) => item.kind === kind && item.whereabouts === 'in');
    const chosen = [...packed, ...spreadOverSizes(free).slice(0, Math.max(0, count - packed.length))];
    return { kind, wanted: count, items: chosen, lacking: Math.max(0, count - chosen.length) };
  });
}

/** In turn one of each size, the size with most left first; within a size by tag. */
function spreadOverSizes<T extends Item>(items: readonly T[]): readonly T[] {
  const bySize = new Map<string, T[]>();
  for (const item of items.toSorted((a, b) => a.tag.localeCompare(b.tag, 'en', { numeric: true })))
    bySize.set(item.size, [...(bySize.get(item.size) ?? []), item]);
  const turns = [...bySize.values()].flatMap((own) =>
    own.map((item, turn) => ({ item, share: (turn + 1) / own.length })),
  );
  return turns.toSorted((a, b) => a.share - b.share).map(({ item }) => item);
}
