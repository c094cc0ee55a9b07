import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { faultyMorning, HOUR, NOON, smallBench } from '@cadre/test-world/core';
import { lacking } from './pick-for-groups';
import { benchOrder, departures, readyTimes, type Bench, type BenchJob } from './index';

const MINUTE = 60_000;
const job = (bikeId: string, more: Partial<BenchJob> = {}): BenchJob => ({
  ...{
    bikeId,
    siteId: 's',
    kind: 'hybrid',
    size: 'M',
    frees: true,
    minutes: 20,
    since: NOON,
    until: null,
    work: 'brake',
    needs: [],
    away: null,
  },
  ...more,
});
const group = (id: string, hours: number, count: number, size = 'M') => ({
  ...{ id, siteId: 's', name: id, outAt: NOON + hours * HOUR, backAt: NOON + (hours + 2) * HOUR },
  wants: [{ count, kind: null, size }],
});
const bench = (jobs: readonly BenchJob[], more: Partial<Bench> = {}): Bench => ({
  jobs,
  groups: [group('g', 1, 2)],
  bikes: jobs.map(({ bikeId, siteId, kind, size }) => ({ id: bikeId, siteId, kind, size, ready: false })),
  shelf: new Map(),
  hands: 1,
  now: NOON,
  ...more,
});
const said = (of: Bench): string[] =>
  benchOrder(of).map((place) => `${place.job.bikeId} ${place.because.code}`);

/** Every order of a handful of jobs. */
function orders(jobs: readonly BenchJob[]): readonly (readonly BenchJob[])[] {
  if (jobs.length < 2) return [jobs];
  return jobs.flatMap((first) =>
    orders(jobs.filter((each) => each !== first)).map((rest) => [first, ...rest]),
  );
}

describe('the order of the bench', () => {
  it('takes what a group lacks first, the quickest of it, and says for whom', () => {
    const jobs = [
      job('large', { size: 'L', minutes: 5 }),
      job('slow', { minutes: 50 }),
      job('quick', { minutes: 10 }),
      job('middle', { minutes: 30 }),
    ];
    expect(said(bench(jobs))).toEqual([
      'quick for-group',
      'middle for-group',
      'large nobody-waits',
      'slow nobody-waits',
    ]);
    expect(benchOrder(bench(jobs))[0]).toMatchObject({
      because: { groupId: 'g', outAt: NOON + HOUR },
      readyAt: NOON + 10 * MINUTE,
    });
  });

  it('counts a bike that is done exactly when its group goes, and takes the lower number of two alike, whatever order they came in', () => {
    const alike = [job('b2', { minutes: 60 }), job('b1', { minutes: 60 })];
    for (const jobs of [alike, [...alike].reverse()])
      for (const [groups, why] of [
        [[group('g', 1, 1)], 'for-group'],
        [[], 'nobody-waits'],
      ] as const)
        expect(said(bench(jobs, { groups }))).toEqual([`b1 ${why}`, 'b2 nobody-waits']);
    const both = [job('b2', { minutes: 30 }), job('b1', { minutes: 30 })];
    for (const jobs of [both, [...both].reverse()])
      expect(said(bench(jobs))).toEqual(['b1 for-group', 'b2 for-group']);
  });

  it('lets the longest go where the time does not reach for all', () => {
    // The early group's only bike takes 50 minutes: it would cost the later group two.
    const jobs = [
      job('long', { size: 'L', minutes: 50 }),
      job('a', { minutes: 30 }),
      job('b', { minutes: 28 }),
    ];
    const of = bench(jobs, {
      groups: [group('early', 1, 1, 'L'), { ...group('late', 1, 2), outAt: NOON + 65 * MINUTE }],
    });
    expect(departures(of, jobs).map((each) => each.ready)).toEqual([1, 0]);
    expect(
      departures(
        of,
        benchOrder(of).map((place) => place.job),
      ).map((each) => each.ready),
    ).toEqual([0, 2]);
    expect(said(of)).toEqual(['b for-group', 'a for-group', 'long too-late']);
  });

  it('puts what lacks a part, or is away, last and says until when; the part goes to the bike somebody waits for', () => {
    const shelf = new Map([['pads', { onHand: 1, leadDays: 3 }]]);
    const needs = [{ itemId: 'pads', count: 1 }];
    const jobs = [
      job('large', { size: 'L', needs }),
      job('wanted', { needs }),
      job('away', { away: { until: null } }),
    ];
    expect(said(bench(jobs, { shelf }))).toEqual(['wanted for-group', 'large lacks-part', 'away away']);
    expect(benchOrder(bench(jobs, { shelf }))[1]).toMatchObject({
      because: { until: NOON + 72 * HOUR, itemId: 'pads' },
      readyAt: null,
    });
  });

  it('counts as many parts on the shelf as a job needs as enough, and one fewer as too few', () => {
    const jobs = [job('both', { needs: [{ itemId: 'pads', count: 2 }] })];
    const kept = (onHand: number) =>
      departures(bench(jobs, { shelf: new Map([['pads', { onHand, leadDays: 3 }]]) }), jobs)[0]?.ready;
    expect([kept(2), kept(1)]).toEqual([1, 0]);
    expect([2, 1].map((onHand) => lacking(jobs[0] as BenchJob, new Map([['pads', onHand]])))).toEqual([
      null,
      'pads',
    ]);
    const order = (onHand: number) =>
      said(bench(jobs, { shelf: new Map([['pads', { onHand, leadDays: 3 }]]) }));
    expect([order(2), order(1)]).toEqual([['both for-group'], ['both lacks-part']]);
  });

  it('is not misled by a bike that may go out already: repairing it gives no group another', () => {
    const jobs = [job('rides', { frees: false, minutes: 5 }), job('held')];
    const of = bench(jobs, {
      groups: [group('g', 1, 2)],
      bikes: [{ id: 'rides', siteId: 's', kind: 'hybrid', size: 'M', ready: true }],
    });
    expect(said(of)).toEqual(['held for-group', 'rides nobody-waits']);
  });

  it('takes the same work of one departure together', () => {
    const jobs = [
      job('a', { minutes: 10, work: 'brake' }),
      job('b', { minutes: 11, work: 'wheel' }),
      job('c', { minutes: 12, work: 'brake' }),
    ];
    const places = benchOrder(bench(jobs, { groups: [group('g', 1, 3)] }));
    expect(places.map((place) => [place.job.bikeId, place.sameWork])).toEqual([
      ['a', false],
      ['c', true],
      ['b', false],
    ]);
  });

  it('among what nobody waits for, what runs out by itself goes first', () => {
    const jobs = [job('calm', { minutes: 5 }), job('soon', { minutes: 50, until: NOON + 30 * HOUR })];
    expect(said(bench(jobs, { groups: [] }))).toEqual(['soon runs-out', 'calm nobody-waits']);
  });

  it('has every job once, whatever the morning', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), (seed) => {
        const of = faultyMorning(seed);
        const order = benchOrder(of);
        expect(order.map((place) => place.job.bikeId).sort()).toEqual(
          of.jobs.map((each) => each.bikeId).sort(),
        );
        // As many are promised as groups gain a bike, and none for a line that has all it wants without.
        const gained =
          departures(
            of,
            order.map((place) => place.job),
          ).reduce((all, each) => all + each.ready, 0) -
          departures(of, []).reduce((all, each) => all + each.ready, 0);
        expect(order.filter(({ because }) => because.code === 'for-group').length).toBeLessThanOrEqual(
          gained,
        );
        // What is promised for a group is ready when it goes.
        for (const { because, readyAt } of order)
          if (because.code === 'for-group') expect(readyAt).toBeLessThanOrEqual(because.outAt);
      }),
      { numRuns: 30 },
    );
  });

  it('beats first come, first served: never fewer bikes in all, and more on most mornings', () => {
    let better = 0;
    for (let seed = 1; seed <= 40; seed += 1) {
      const of = faultyMorning(seed);
      const sum = (order: readonly BenchJob[]): number =>
        departures(of, order).reduce((all, each) => all + each.ready, 0);
      const [ours, first] = [sum(benchOrder(of).map((place) => place.job)), sum(of.jobs)];
      expect(ours, `morning ${seed}`).toBeGreaterThanOrEqual(first);
      if (ours > first) better += 1;
    }
    expect(better).toBeGreaterThanOrEqual(38);
  });

  it.each([11, 13, 26, 38, 175])(
    'finds the best order where a bike is ready exactly as its group goes (bench %d)',
    (seed) => {
      const small = smallBench(seed);
      const of = {
        ...small,
        jobs: small.jobs.map((each) => ({
          ...each,
          minutes: Math.max(15, Math.round(each.minutes / 15) * 15),
        })),
      };
      const sum = (order: readonly BenchJob[]): number =>
        departures(of, order).reduce((all, each) => all + each.ready, 0);
      expect(sum(benchOrder(of).map((place) => place.job))).toBe(Math.max(...orders(of.jobs).map(sum)));
    },
  );

  it('comes within a percent of the best order there is, on benches small enough to try every one', () => {
    let [ours, best] = [0, 0];
    for (let seed = 1; seed <= 60; seed += 1) {
      const of = smallBench(seed);
      const sum = (order: readonly BenchJob[]): number =>
        departures(of, order).reduce((all, each) => all + each.ready, 0);
      const found = sum(benchOrder(of).map((place) => place.job));
      const most = Math.max(...orders(of.jobs).map(sum));
      expect(found, `bench ${seed}`).toBeGreaterThanOrEqual(most - 1);
      ours += found;
      best += most;
    }
    expect(best).toBeGreaterThan(100);
    expect(ours / best).toBeGreaterThanOrEqual(0.99);
  });

  it('takes no bike of another site for a group, nor one that is not wanted in its size', () => {
    const jobs = [job('elsewhere', { siteId: 'hut', minutes: 5 }), job('here', { minutes: 40 })];
    expect(said(bench(jobs, { groups: [group('g', 1, 1)] }))).toEqual([
      'here for-group',
      'elsewhere nobody-waits',
    ]);
    // Too late, it is no bike of another site either.
    expect(said(bench([job('elsewhere', { siteId: 'hut' })], { groups: [group('g', 0.1, 1)] }))).toEqual([
      'elsewhere nobody-waits',
    ]);
  });

  it('takes a bike of another size for a group where the policy lets it stand in', () => {
    const jobs = [job('large', { size: 'L' })];
    expect(said(bench(jobs, { groups: [group('g', 1, 1)] }))).toEqual(['large nobody-waits']);
    expect(said(bench(jobs, { groups: [group('g', 1, 1)], substitution: 'one-up' }))).toEqual([
      'large for-group',
    ]);
  });

  it('times jobs over the hands there are', () => {
    const jobs = [job('a', { minutes: 30 }), job('b', { minutes: 10 }), job('c', { minutes: 10 })];
    expect([...readyTimes(jobs, 2, NOON)].map(([id, at]) => [id, (at - NOON) / MINUTE])).toEqual([
      ['a', 30],
      ['b', 10],
      ['c', 20],
    ]);
  });
});
