import type { BikeKind } from '@cadre/core/fleet';
import {
  coverGroups,
  serves,
  standsIn,
  type Group,
  type GroupCover,
  type SizeSubstitution,
  type Stock,
  type Want,
} from '@cadre/core/schedule';

/** A bike the bench could get out. */
export interface BenchJob {
  readonly bikeId: string;
  readonly siteId: string;
  readonly kind: BikeKind;
  readonly size: string;
  /** Whether it may go out once this is done. A bike that may go out already, or wants a check first, comes no sooner by it. */
  readonly frees: boolean;
  /** Until it may be released, with everything at hand: 1 or more. */
  readonly minutes: number;
  /** Since when it waits: first come, first served among equals. */
  readonly since: number;
  /** When it becomes a stop by itself, or null. */
  readonly until: number | null;
  /** The kind of work, for taking the same together. */
  readonly work: string;
  /** Parts it takes off the shelf. */
  readonly needs: readonly { readonly itemId: string; readonly count: number }[];
  /** It cannot be worked on: away, or waiting for something that is not on the shelf. Null until when nobody knows. */
  readonly away: { readonly until: number | null } | null;
}

export interface Bench {
  readonly jobs: readonly BenchJob[];
  readonly groups: readonly Group[];
  /** All bikes, as far as groups go. */
  readonly bikes: readonly Stock[];
  readonly shelf: ReadonlyMap<string, { readonly onHand: number; readonly leadDays: number }>;
  /** Which other size may stand in for the one a group wants (policy); absent: none. */
  readonly substitution?: SizeSubstitution | undefined;
  /** People who repair beside each other: 1 or more. */
  readonly hands: number;
  readonly now: number;
}

export type BenchReason =
  /** A group lacks such a bike, and it will be ready in time. */
  | { readonly code: 'for-group'; readonly groupId: string; readonly want: Want; readonly outAt: number }
  /** A group lacks such a bike; it will not be ready in time, but sooner is better. */
  | { readonly code: 'too-late'; readonly groupId: string; readonly want: Want; readonly outAt: number }
  /** It becomes a stop by itself. */
  | { readonly code: 'runs-out'; readonly until: number }
  | { readonly code: 'nobody-waits' }
  | { readonly code: 'lacks-part'; readonly itemId: string; readonly until: number }
  | { readonly code: 'away'; readonly until: number | null };

export interface BenchPlace {
  readonly job: BenchJob;
  readonly because: BenchReason;
  /** When it may be released if the bench goes by this order; null where something is missing. */
  readonly readyAt: number | null;
  /** Done right after the one before it, as the same kind of work. */
  readonly sameWork: boolean;
}

const MINUTE = 60_000;

/** When each job is done, gone through in this order by so many hands. */
export function readyTimes(
  jobs: readonly BenchJob[],
  hands: number,
  now: number,
): ReadonlyMap<string, number> {
  const free = Array.from({ length: Math.max(1, hands) }, () => now);
  return new Map(
    jobs.map((job) => {
      const first = free.indexOf(Math.min(...free));
      const done = (free[first] ?? now) + job.minutes * MINUTE;
      free[first] = done;
      return [job.bikeId, done];
    }),
  );
}

/** Whether a bike serves a want on this bench, as asked for or by standing in. */
export function servesOn(
  bench: Pick<Bench, 'substitution'>,
  job: Pick<BenchJob, 'kind' | 'size'>,
  want: Want,
): boolean {
  return serves(job, want) || standsIn(job, want, bench.substitution ?? 'exact');
}

/** What each group gets when these jobs are done in this order. */
export function coveredBy(bench: Bench, order: readonly BenchJob[]): readonly GroupCover[] {
  const ready = readyTimes(order, bench.hands, bench.now);
  const bikes = bench.bikes.map((bike) => {
    const readyAt = ready.get(bike.id);
    return readyAt === undefined ? bike : { ...bike, readyAt };
  });
  return coverGroups(bench.groups, bikes, bench.now, bench.substitution);
}

/** The jobs that can be done at all, in the order given: who is away or lacks a part is left out, the part going to whoever comes first. */
export function workable(bench: Bench, order: readonly BenchJob[]): readonly BenchJob[] {
  const left = new Map([...bench.shelf].map(([id, { onHand }]) => [id, onHand]));
  return order.filter((job) => {
    if (job.away || job.needs.some((need) => (left.get(need.itemId) ?? 0) < need.count)) return false;
    for (const { itemId, count } of job.needs) left.set(itemId, (left.get(itemId) ?? 0) - count);
    return true;
  });
}
