import type { BikeKind } from '@cadre/core/fleet';
import { coverGroups, serves, type Group, type Stock, type Want } from '@cadre/core/schedule';

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
  /** People who mend beside each other: 1 or more. */
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
const DAY = 24 * 60 * MINUTE;

/** When each job is done, gone through in this order by so many hands. */
export function readyTimes(jobs: readonly BenchJob[], hands: number, now: number): ReadonlyMap<string, number> {
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

interface Picked {
  readonly job: BenchJob;
  readonly group: Group;
  readonly want: Want;
}

const byGroup = (a: Picked, b: Picked): number =>
  a.group.outAt - b.group.outAt || a.job.minutes - b.job.minutes || (a.job.bikeId < b.job.bikeId ? -1 : 1);

/** What the shelf still has when these jobs have taken theirs. */
function shelfAfter(bench: Bench, jobs: readonly BenchJob[]): Map<string, number> {
  const left = new Map([...bench.shelf].map(([id, { onHand }]) => [id, onHand]));
  for (const { itemId, count } of jobs.flatMap((job) => job.needs)) left.set(itemId, (left.get(itemId) ?? 0) - count);
  return left;
}
const lacking = (job: BenchJob, left: ReadonlyMap<string, number>): string | null =>
  job.needs.find((need) => (left.get(need.itemId) ?? 0) < need.count)?.itemId ?? null;

/** Who gets what when these jobs are done in order: how many of each group's wants are met, and which are not. */
function covered(bench: Bench, picked: readonly Picked[]): ReturnType<typeof coverGroups> {
  const ready = readyTimes(
    picked.map((each) => each.job),
    bench.hands,
    bench.now,
  );
  return coverGroups(
    bench.groups,
    bench.bikes.map((bike) => {
      const readyAt = ready.get(bike.id);
      return readyAt === undefined ? bike : { ...bike, readyAt };
    }),
    bench.now,
  );
}
const inTime = (bench: Bench, picked: readonly Picked[]): boolean => {
  const ready = readyTimes(
    picked.map((each) => each.job),
    bench.hands,
    bench.now,
  );
  return picked.every(({ job, group }) => (ready.get(job.bikeId) ?? Infinity) <= group.outAt);
};

/**
 * Chooses the jobs that meet most of what the groups want: groups in order of departure, for each want the quickest bike that serves it, and where the time no longer
 * reaches, the longest job so far makes room for a quicker one (the rule that loses fewest jobs on one bench).
 */
function pickForGroups(bench: Bench): Picked[] {
  let picked: Picked[] = [];
  const passed = new Set<string>();
  const gone = new Set<string>();
  const wantKey = ({ group, want }: Pick<Picked, 'group' | 'want'>): string => `${group.id}\n${group.wants.indexOf(want)}`;
  const goneKey = (group: Group, job: BenchJob): string => `${group.id}\n${job.bikeId}`;
  const serving = new Map<string, readonly BenchJob[]>();
  /** What could serve a want at all, the quickest first: asked many times and always the same. */
  function servingOf({ group, want }: Pick<Picked, 'group' | 'want'>): readonly BenchJob[] {
    const key = wantKey({ group, want });
    const known =
      serving.get(key) ??
      bench.jobs
        .filter((job) => job.frees && !job.away && job.siteId === group.siteId && serves(job, want))
        .sort((a, b) => a.minutes - b.minutes || a.since - b.since || (a.bikeId < b.bikeId ? -1 : 1));
    serving.set(key, known);
    return known;
  }
  for (;;) {
    const cover = covered(bench, picked);
    const short = cover.flatMap(({ group, wants }) => wants.filter((each) => each.short > 0).map(({ want }) => ({ group, want })));
    const open = short.find((each) => !passed.has(wantKey(each)));
    if (!open) return picked;
    const taken = picked.map((each) => each.job);
    const left = shelfAfter(bench, taken);
    const inHand = new Set(taken);
    const mayStill = (job: BenchJob): boolean => !inHand.has(job) && !gone.has(goneKey(open.group, job)) && lacking(job, left) === null;
    const job = servingOf(open).find(mayStill);
    if (!job) {
      passed.add(wantKey(open));
      continue;
    }
    const wider = [...picked, { job, ...open }].sort(byGroup);
    if (inTime(bench, wider)) {
      picked = wider;
      continue;
    }
    const longest = [...wider].sort((a, b) => b.job.minutes - a.job.minutes)[0];
    const without = wider.filter((each) => each !== longest);
    if (longest) gone.add(goneKey(longest.group, longest.job));
    if (longest && longest.job !== job && inTime(bench, without)) picked = without;
    // What the quickest does not make, no slower one makes either.
    else for (const each of servingOf(open).filter(mayStill)) gone.add(goneKey(open.group, each));
  }
}

/** Jobs of one departure with the same work beside each other; which departure they make does not change, as all of them are done by then. */
function sameWorkTogether(picked: readonly Picked[]): Picked[] {
  const shortest = new Map<string, number>();
  const keyOf = (each: Picked): string => `${each.group.outAt}\n${each.job.work}`;
  for (const each of picked) shortest.set(keyOf(each), Math.min(shortest.get(keyOf(each)) ?? Infinity, each.job.minutes));
  return [...picked].sort(
    (a, b) =>
      a.group.outAt - b.group.outAt ||
      (shortest.get(keyOf(a)) ?? 0) - (shortest.get(keyOf(b)) ?? 0) ||
      a.job.work.localeCompare(b.job.work) ||
      byGroup(a, b),
  );
}

/**
 * The order of the bench that has most wanted bikes out at each departure: first what a group lacks and can still be ready, the same work of one departure together;
 * then what a group lacks though it comes too late, what runs out by itself, the rest quickest first; last what lacks a part or is away. Every place says why.
 */
export function benchOrder(bench: Bench): readonly BenchPlace[] {
  const chosen = pickForGroups(bench);
  const together = sameWorkTogether(chosen);
  const wanted = inTime(bench, together) ? together : chosen;
  const taken = new Set(wanted.map((each) => each.job.bikeId));
  const left = shelfAfter(
    bench,
    wanted.map((each) => each.job),
  );
  const short = covered(bench, wanted).flatMap(({ group, wants }) => wants.filter((each) => each.short > 0).map(({ want }) => ({ group, want })));
  const rest = bench.jobs
    .filter((job) => !taken.has(job.bikeId))
    .map((job): { readonly job: BenchJob; readonly because: BenchReason } => {
      if (job.away) return { job, because: { code: 'away', until: job.away.until } };
      const itemId = lacking(job, left);
      if (itemId !== null) return { job, because: { code: 'lacks-part', itemId, until: bench.now + (bench.shelf.get(itemId)?.leadDays ?? 0) * DAY } };
      const late = short.find(({ group, want }) => job.frees && group.siteId === job.siteId && serves(job, want));
      if (late) return { job, because: { code: 'too-late', groupId: late.group.id, want: late.want, outAt: late.group.outAt } };
      if (job.until !== null) return { job, because: { code: 'runs-out', until: job.until } };
      return { job, because: { code: 'nobody-waits' } };
    })
    .sort((a, b) => {
      const rank = (code: BenchReason['code']): number => ['for-group', 'too-late', 'runs-out', 'nobody-waits', 'lacks-part', 'away'].indexOf(code);
      const time = ({ because }: { because: BenchReason }): number =>
        'until' in because ? (because.until ?? Infinity) : 'outAt' in because ? because.outAt : 0;
      return (
        rank(a.because.code) - rank(b.because.code) ||
        (time(a) === time(b) ? 0 : time(a) - time(b)) ||
        a.job.minutes - b.job.minutes ||
        a.job.since - b.job.since ||
        (a.job.bikeId < b.job.bikeId ? -1 : 1)
      );
    });
  const places = [
    ...wanted.map(({ job, group, want }) => ({ job, because: { code: 'for-group' as const, groupId: group.id, want, outAt: group.outAt } })),
    ...rest,
  ];
  const workable = places.filter(({ because }) => because.code !== 'lacks-part' && because.code !== 'away');
  const ready = readyTimes(
    workable.map(({ job }) => job),
    bench.hands,
    bench.now,
  );
  return places.map(({ job, because }, at) => ({
    job,
    because,
    readyAt: ready.get(job.bikeId) ?? null,
    sameWork: at > 0 && ready.has(job.bikeId) && places[at - 1]?.job.work === job.work,
  }));
}
