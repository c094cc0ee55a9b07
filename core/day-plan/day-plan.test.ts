import fc from 'fast-check';
import loadHighs, { type Highs } from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { serves, standsIn, type Group } from '@cadre/core/schedule';
import { drawnDay, planFaults } from '@cadre/test-world/core';
import { planDay, planDayQuickly, type DayPlan, type PlanBike, type PlanProblem } from '.';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});
const clock = (): number => performance.now() / 1000;
const MINUTE = 60_000;
const met = (plan: DayPlan): number => plan.needed - plan.unmet.reduce((sum, each) => sum + each.short, 0);
const minutes = (plan: DayPlan): number =>
  plan.items.filter((item) => item.groupId !== null).reduce((sum, item) => sum + item.minutes, 0);
const planned = (problem: PlanProblem) => planDay(problem, highs, 2, clock);

const bike = (id: string, more: Partial<PlanBike> = {}): PlanBike => ({
  ...{ id, kind: 'hybrid', size: 'M', work: 'check', minutes: 10, wear: 0, place: Number(id.slice(1)) },
  ...more,
});
const group = (id: string, out: number, back: number, count: number, more: object = {}): Group => ({
  ...{ id, siteId: 's', name: id, outAt: out * MINUTE, backAt: back * MINUTE },
  wants: [{ count, kind: null, size: '', ...more }],
});
const ann = { id: 'ann', works: ['check'] as const, from: 0, until: 600 * MINUTE };
const bo = { id: 'bo', works: ['check', 'repair'] as const, from: 0, until: 600 * MINUTE };
const day = (more: Partial<PlanProblem>): PlanProblem => ({
  ...{ now: 0, bikes: [], people: [ann, bo], groups: [], substitution: 'exact', given: [] },
  ...more,
});
const said = ({ plan }: { plan: DayPlan }): string[] =>
  plan.items.map(
    ({ personId, bikeId, readyAt, groupId }) => `${personId} ${bikeId} ${readyAt / MINUTE} ${groupId ?? '-'}`,
  );

describe('a day', () => {
  it('gives the only mechanic the bench and the other the checks, though the mechanic could check first', () => {
    const bikes = [bike('b1'), bike('b2'), bike('b3', { work: 'repair', minutes: 30 })];
    expect(said(planned(day({ bikes, groups: [group('g', 35, 90, 3)] })))).toEqual([
      'ann b1 10 g',
      'ann b2 20 g',
      'bo b3 30 g',
    ]);
  });
  it('shares equal work out, so that the first bikes are ready soonest', () => {
    const bikes = ['b1', 'b2', 'b3', 'b4'].map((id) => bike(id));
    expect(said(planned(day({ bikes, groups: [group('g', 60, 90, 4)] })))).toEqual([
      'ann b1 10 g',
      'ann b2 20 g',
      'bo b3 10 g',
      'bo b4 20 g',
    ]);
  });
  it('takes the shorter work of two bikes one of which is wanted, then the fresher of two alike, and the rest with the time left', () => {
    const bikes = [
      bike('b1', { minutes: 20 }),
      bike('b2', { wear: 0.9 }),
      bike('b3', { wear: 0.2 }),
      bike('b4', { work: 'repair', minutes: 700 }),
    ];
    expect(said(planned(day({ bikes, people: [ann], groups: [group('g', 60, 90, 1)] })))).toEqual([
      'ann b3 10 g',
      'ann b2 20 -',
      'ann b1 40 -',
    ]);
  });
  it('moves the bike anybody could have so that the one with a wish gets theirs', () => {
    const bikes = [bike('b1', { work: null, minutes: 0 }), bike('b2', { work: null, minutes: 0, size: 'S' })];
    const groups = [group('a', 10, 90, 1), group('b', 20, 90, 1, { size: 'M' })];
    const { plan } = planned(day({ bikes, groups }));
    expect([met(plan), plan.gives.find((give) => give.groupId === 'b')?.bikeId]).toEqual([2, 'b1']);
  });
  it('sends a bike out twice when it is back in between, and not when it is not', () => {
    const bikes = [bike('b1', { work: null, minutes: 0 })];
    const after = planned(day({ bikes, groups: [group('a', 10, 60, 1), group('b', 60, 90, 1)] }));
    expect([met(after.plan), after.gap]).toEqual([2, 0]);
    const overlapping = planned(day({ bikes, groups: [group('a', 10, 61, 1), group('b', 60, 90, 1)] }));
    expect(overlapping.plan.unmet).toMatchObject([{ groupId: 'b', short: 1 }]);
  });
  it('says why a group goes short: no such bike, nobody who may, no time', () => {
    const short = (more: Partial<PlanProblem>): unknown =>
      planned(day({ groups: [group('g', 25, 90, 3)], people: [ann], ...more })).plan.unmet;
    expect(short({ bikes: [bike('b1'), bike('b2')] })).toMatchObject([{ short: 1, because: 'no-such-bike' }]);
    const bench = bike('b3', { work: 'repair' });
    expect(short({ bikes: [bike('b1'), bike('b2'), bench] })).toMatchObject([{ because: 'nobody-may' }]);
    expect(short({ bikes: [bike('b1'), bike('b2'), bike('b3')] })).toMatchObject([
      { short: 1, because: 'no-time' },
    ]);
  });
  it('lets another size stand in where the policy does, and only there', () => {
    const problem = { bikes: [bike('b1', { size: 'L' })], groups: [group('g', 60, 90, 1, { size: 'M' })] };
    expect(met(planned(day(problem)).plan)).toBe(0);
    expect(met(planned(day({ ...problem, substitution: 'one-up' })).plan)).toBe(1);
  });
  it('leaves with people what they were given, before all else', () => {
    const bikes = [bike('b1'), bike('b2'), bike('b3', { minutes: 50 })];
    const given = [{ bikeId: 'b3', personId: 'ann' }];
    const result = planned(day({ bikes, given, groups: [group('g', 55, 90, 3)] }));
    expect(said(result)).toEqual(['ann b3 50 g', 'bo b1 10 g', 'bo b2 20 g']);
  });
  it('is empty where nobody goes out, nobody is here, or there is no bike', () => {
    for (const empty of [
      {},
      { people: [], groups: [group('g', 60, 90, 2)] },
      { bikes: [bike('b1')], people: [] },
    ])
      expect(planned(day(empty)).plan.items).toEqual([]);
  });
});

it('over drawn days: nothing is wrong with the plan or the quick one, and the plan is never worse', () => {
  for (let seed = 1; seed <= 12; seed += 1) {
    const problem = drawnDay(seed, { bikes: 60, groups: 5, people: 3 });
    const [plan, quick] = [planned(problem).plan, planDayQuickly(problem).plan];
    expect([seed, planFaults(problem, plan), planFaults(problem, quick)]).toEqual([seed, [], []]);
    expect(met(plan)).toBeGreaterThanOrEqual(met(quick));
    if (met(plan) === met(quick)) expect(minutes(plan)).toBeLessThanOrEqual(minutes(quick) * 1.01);
  }
});

/** The most bikes that can go out, by trying who does what in which order. */
function mostByTrying({ bikes, people, groups, substitution }: PlanProblem): number {
  const works = bikes.filter((each) => each.work !== null);
  let most = 0;
  const units = groups.flatMap((each) =>
    each.wants.flatMap((want) => Array.from({ length: want.count }, () => ({ own: each, want }))),
  );
  type Out = readonly (readonly [string, Group])[];
  /** The most bikes given to the units from this one on, each to any that is free or to none. */
  const served = (at: number, doneAt: ReadonlyMap<string, number>, out: Out): number => {
    const unit = units[at];
    if (!unit) return 0;
    const { own, want } = unit;
    const suited = bikes.filter(
      (each) =>
        (serves(each, want) || standsIn(each, want, substitution)) &&
        (each.work === null ? 0 : (doneAt.get(each.id) ?? Infinity)) <= own.outAt &&
        !out.some(([id, other]) => id === each.id && other.outAt < own.backAt && own.outAt < other.backAt),
    );
    return Math.max(
      served(at + 1, doneAt, out),
      ...suited.map((each) => 1 + served(at + 1, doneAt, [...out, [each.id, own]])),
    );
  };
  const next = (
    left: readonly PlanBike[],
    free: readonly number[],
    doneAt: ReadonlyMap<string, number>,
  ): void => {
    most = Math.max(most, served(0, doneAt, []));
    for (const one of left)
      for (const [at, person] of people.entries()) {
        const end = (free[at] ?? 0) + one.minutes * MINUTE;
        if (!one.work || !person.works.includes(one.work) || end > person.until) continue;
        next(
          left.filter((each) => each !== one),
          free.map((each, index) => (index === at ? end : each)),
          new Map([...doneAt, [one.id, end]]),
        );
      }
  };
  next(
    works,
    people.map((person) => person.from),
    new Map(),
  );
  return most;
}

it('is as good as trying everything, on days small enough to', () => {
  const kinds = fc.constantFrom('hybrid' as const, 'child' as const);
  const small = fc.record({
    bikes: fc.array(
      fc.record({
        kind: kinds,
        size: fc.constantFrom('S', 'M'),
        work: fc.constantFrom(null, 'check' as const, 'check' as const, 'repair' as const),
        step: fc.integer({ min: 1, max: 5 }),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    groups: fc.array(
      fc.record({
        out: fc.integer({ min: 1, max: 8 }),
        long: fc.integer({ min: 1, max: 5 }),
        count: fc.integer({ min: 1, max: 2 }),
        kind: fc.option(kinds),
        size: fc.constantFrom('', 'S', 'M'),
      }),
      { minLength: 1, maxLength: 3 },
    ),
    substitution: fc.constantFrom('exact' as const, 'one-either-way' as const),
  });
  fc.assert(
    fc.property(small, ({ bikes, groups, substitution }) => {
      const problem = day({
        substitution,
        bikes: bikes.map(({ kind, size, work, step }, at) =>
          bike(`b${at}`, { kind, size, work, minutes: work ? step * 5 : 0 }),
        ),
        groups: groups.map(({ out, long, count, kind, size }, at) =>
          group(`g${at}`, out * 5, (out + long) * 5, count, { kind, size }),
        ),
      });
      const { plan, gap } = planned(problem);
      expect(planFaults(problem, plan)).toEqual([]);
      expect([met(plan), gap]).toEqual([mostByTrying(problem), expect.closeTo(0, 4)]);
    }),
    { numRuns: 100 },
  );
});
