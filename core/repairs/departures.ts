import { coverGroups } from '@cadre/core/schedule';
import { readyTimes, type Bench, type BenchJob } from './bench-order';

export interface Departure {
  readonly groupId: string;
  readonly outAt: number;
  readonly needed: number;
  /** Bikes of what it wants that are ready when it goes. */
  readonly ready: number;
}

/** The jobs that can be done at all, in the order given: who is away or lacks a part is left out, the part going to whoever comes first. */
function workable(bench: Bench, order: readonly BenchJob[]): BenchJob[] {
  const left = new Map([...bench.shelf].map(([id, { onHand }]) => [id, onHand]));
  return order.filter((job) => {
    if (job.away || job.needs.some((need) => (left.get(need.itemId) ?? 0) < need.count)) return false;
    for (const { itemId, count } of job.needs) left.set(itemId, (left.get(itemId) ?? 0) - count);
    return true;
  });
}

/** What each departure gets when the bench goes through its jobs in this order: a simulation, to hold one order against another. */
export function departures(bench: Bench, order: readonly BenchJob[]): readonly Departure[] {
  const ready = readyTimes(workable(bench, order), bench.hands, bench.now);
  const bikes = bench.bikes.map((bike) => {
    const readyAt = ready.get(bike.id);
    return readyAt === undefined ? bike : { ...bike, readyAt };
  });
  return coverGroups(bench.groups, bikes, bench.now).map(({ group, needed, cleared }) => ({
    groupId: group.id,
    outAt: group.outAt,
    needed,
    ready: cleared,
  }));
}
