import { DAY_MS } from '@cadre/core/time';
import {
  coveredBy,
  readyTimes,
  servesOn,
  type Bench,
  type BenchJob,
  type BenchPlace,
  type BenchReason,
} from './bench';
import { improved } from './improve-order';
import {
  byGroup,
  inTime,
  lacking,
  pickForGroups,
  quickestFirst,
  shelfAfter,
  type Picked,
} from './pick-for-groups';

/** Jobs of one departure with the same work beside each other; which departure they make does not change, as all of them are done by then. */
function sameWorkTogether(picked: readonly Picked[]): Picked[] {
  const shortest = new Map<string, number>();
  const keyOf = (each: Picked): string => `${each.group.outAt}\n${each.job.work}`;
  for (const each of picked)
    shortest.set(keyOf(each), Math.min(shortest.get(keyOf(each)) ?? Infinity, each.job.minutes));
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
  const chosen = improved(bench, pickForGroups(bench));
  const together = sameWorkTogether(chosen);
  const wanted = inTime(bench, together) ? together : chosen;
  const taken = new Set(wanted.map((each) => each.job.bikeId));
  const left = shelfAfter(
    bench,
    wanted.map((each) => each.job),
  );
  const short = coveredBy(
    bench,
    wanted.map((each) => each.job),
  ).flatMap(({ group, wants }) =>
    wants.filter((each) => each.short > 0).map(({ want }) => ({ group, want })),
  );
  const rest = bench.jobs
    .filter((job) => !taken.has(job.bikeId))
    .map((job): { readonly job: BenchJob; readonly because: BenchReason } => {
      if (job.away) return { job, because: { code: 'away', until: job.away.until } };
      const itemId = lacking(job, left);
      if (itemId !== null)
        return {
          job,
          because: {
            code: 'lacks-part',
            itemId,
            until: bench.now + (bench.shelf.get(itemId)?.leadDays ?? 0) * DAY_MS,
          },
        };
      const late = short.find(
        ({ group, want }) => job.frees && group.siteId === job.siteId && servesOn(bench, job, want),
      );
      if (late)
        return {
          job,
          because: { code: 'too-late', groupId: late.group.id, want: late.want, outAt: late.group.outAt },
        };
      if (job.until !== null) return { job, because: { code: 'runs-out', until: job.until } };
      return { job, because: { code: 'nobody-waits' } };
    })
    .sort((a, b) => {
      const rank = (code: BenchReason['code']): number =>
        ['for-group', 'too-late', 'runs-out', 'nobody-waits', 'lacks-part', 'away'].indexOf(code);
      const time = ({ because }: { because: BenchReason }): number =>
        'until' in because ? (because.until ?? Infinity) : 'outAt' in because ? because.outAt : 0;
      return (
        rank(a.because.code) - rank(b.because.code) ||
        (time(a) === time(b) ? 0 : time(a) - time(b)) ||
        quickestFirst(a.job, b.job)
      );
    });
  const places = [
    ...wanted.map(({ job, group, want }) => ({
      job,
      because: { code: 'for-group' as const, groupId: group.id, want, outAt: group.outAt },
    })),
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
    // The same either way: nothing stands before the first.
    sameWork: at > 0 && ready.has(job.bikeId) && places[at - 1]?.job.work === job.work,
  }));
}
