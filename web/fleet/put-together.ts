import type { Bike } from '@cadre/contract/fleet';

/** Short enough that nobody waits for it, long enough that an import of thousands does not have every screen worked out anew for each. */
const TOGETHER_MS = 50;

/**
 * Bikes that come one by one with their changes are put together; of one that comes twice the later counts.
 * `put` gets them all at once, and how often each change was told does not matter to it.
 */
export function putTogether(put: (bikes: readonly Bike[]) => void): (bike: Bike) => void {
  let arrived = new Map<string, Bike>();
  return (bike) => {
    if (arrived.size === 0)
      setTimeout(() => {
        const bikes = [...arrived.values()];
        arrived = new Map();
        put(bikes);
      }, TOGETHER_MS);
    arrived.set(bike.id, bike);
  };
}
