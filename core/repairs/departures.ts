import { coveredBy, workable, type Bench, type BenchJob } from './bench';

export interface Departure {
  readonly groupId: string;
  readonly outAt: number;
  readonly needed: number;
  /** Bikes of what it wants that are ready when it goes. */
  readonly ready: number;
}

/** What each departure gets when the bench goes through its jobs in this order: a simulation, to hold one order against another. */
export function departures(bench: Bench, order: readonly BenchJob[]): readonly Departure[] {
  return coveredBy(bench, workable(bench, order)).map(({ group, needed, cleared }) => ({
    groupId: group.id,
    outAt: group.outAt,
    needed,
    ready: cleared,
  }));
}
