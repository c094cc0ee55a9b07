import type { Bike, Rack } from '@cadre/contract/fleet';

export interface PutAway {
  readonly hookId: string;
  readonly rack: string;
  readonly number: number;
  /** Whether it is the bike's own hook; else the nearest free one. */
  readonly own: boolean;
}

/**
 * Where to hang a bike: on its own hook, or on the nearest free one of its site. Nearest to where its
 * kind hangs: the rack with most bikes like it comes first, then the order the racks stand in.
 */
export function putAwayHint(bike: Bike, racks: readonly Rack[], bikes: readonly Bike[]): PutAway | null {
  const own = racks.flatMap((rack) =>
    rack.hooks.filter((hook) => hook.id === bike.hookId).map((hook) => ({ rack, hook })),
  )[0];
  if (own) return { hookId: own.hook.id, rack: own.rack.name, number: own.hook.number, own: true };
  const holder = new Map(bikes.flatMap((each) => (each.hookId ? [[each.hookId, each] as const] : [])));
  const alike = (rack: Rack): number =>
    rack.hooks.filter((hook) => holder.get(hook.id)?.build.kind === bike.build.kind).length;
  const here = racks
    .filter((rack) => rack.siteId === bike.siteId)
    .sort((a, b) => alike(b) - alike(a) || a.order - b.order);
  for (const rack of here) {
    const free = rack.hooks.find((hook) => !holder.has(hook.id));
    if (free) return { hookId: free.id, rack: rack.name, number: free.number, own: false };
  }
  return null;
}

/** The free hooks of a rack, in order. */
export function freeHooks(
  rack: Rack,
  bikes: readonly Bike[],
): readonly { readonly id: string; readonly number: number }[] {
  const taken = new Set(bikes.map((bike) => bike.hookId));
  return rack.hooks.filter((hook) => !taken.has(hook.id));
}
