import type { Group, Want } from '@cadre/core/schedule';
import { coveredBy, readyTimes, servesOn, type Bench, type BenchJob } from './bench';

/** A job taken on for a group. */
export interface Picked {
  readonly job: BenchJob;
  readonly group: Group;
  readonly want: Want;
}

/** The quickest first, of two alike the one that waits longer, then by number: the same order whatever order they came in. */
export const quickestFirst = (a: BenchJob, b: BenchJob): number =>
  // The same either way: no two jobs are of one bike.
  a.minutes - b.minutes || a.since - b.since || (a.bikeId < b.bikeId ? -1 : 1);

export const byGroup = (a: Picked, b: Picked): number =>
  a.group.outAt - b.group.outAt || quickestFirst(a.job, b.job);

/** What the shelf still has when these jobs have taken theirs. */
export function shelfAfter(bench: Bench, jobs: readonly BenchJob[]): Map<string, number> {
  const left = new Map([...bench.shelf].map(([id, { onHand }]) => [id, onHand]));
  for (const { itemId, count } of jobs.flatMap((job) => job.needs))
    left.set(itemId, (left.get(itemId) ?? 0) - count);
  return left;
}
export const lacking = (job: BenchJob, left: ReadonlyMap<string, number>): string | null =>
  job.needs.find((need) => (left.get(need.itemId) ?? 0) < need.count)?.itemId ?? null;

/** Whether every job is done before its group goes. */
export const inTime = (bench: Bench, picked: readonly Picked[]): boolean => {
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
export function pickForGroups(bench: Bench): Picked[] {
  let picked: Picked[] = [];
  const passed = new Set<string>();
  const gone = new Set<string>();
  const wantKey = ({ group, want }: Pick<Picked, 'group' | 'want'>): string =>
    `${group.id}\n${group.wants.indexOf(want)}`;
  const goneKey = (group: Group, job: BenchJob): string => `${group.id}\n${job.bikeId}`;
  const serving = new Map<string, readonly BenchJob[]>();
  /** What could serve a want at all, the quickest first: asked many times and always the same. */
  function servingOf({ group, want }: Pick<Picked, 'group' | 'want'>): readonly BenchJob[] {
    const key = wantKey({ group, want });
    const known =
      serving.get(key) ??
      bench.jobs
        .filter((job) => job.frees && !job.away && job.siteId === group.siteId && servesOn(bench, job, want))
        .sort(quickestFirst);
    serving.set(key, known);
    return known;
  }
  for (;;) {
    const cover = coveredBy(
      bench,
      picked.map((each) => each.job),
    );
    const short = cover.flatMap(({ group, wants }) =>
      wants.filter((each) => each.short > 0).map(({ want }) => ({ group, want })),
    );
    const open = short.find((each) => !passed.has(wantKey(each)));
    if (!open) return picked;
    const taken = picked.map((each) => each.job);
    const left = shelfAfter(bench, taken);
    const inHand = new Set(taken);
    const mayStill = (job: BenchJob): boolean =>
      !inHand.has(job) && !gone.has(goneKey(open.group, job)) && lacking(job, left) === null;
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
