import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changesOf } from './changes';
import {
  changeOfPace,
  fleetPrior,
  forecastWear,
  middle,
  robustLine,
  type WearForecast,
  type WearPoint,
  type WearPrior,
} from '.';

const PRIOR: WearPrior = { rate: 0.001, spread: 0.0003, noise: 0.02, changes: 0.1 };
const points = (...pairs: readonly (readonly [number, number])[]): WearPoint[] =>
  pairs.map(([usage, value]) => ({ usage, value }));
function forecast(...given: Parameters<typeof forecastWear>): WearForecast {
  const answer = forecastWear(...given);
  if (!answer.ok) throw new Error(JSON.stringify(answer.issues));
  return answer.value;
}

describe('a robust line', () => {
  it('goes through points on a line', () =>
    expect(robustLine(points([0, 1], [10, 3], [20, 5]))).toEqual({ rate: 0.2, start: 1 }));
  it('is not moved by one misread figure', () => {
    const line = robustLine(points([0, 0], [10, 1], [20, 2], [30, 9], [40, 4]));
    expect(line?.rate).toBeCloseTo(0.1, 9);
    expect(line?.start).toBeCloseTo(0, 9);
  });
  it('is none through one place', () => {
    expect(robustLine(points([5, 1]))).toBeNull();
    expect(robustLine(points([5, 1], [5, 2]))).toBeNull();
    expect(robustLine(points([0, 0], [5e-324, 1e-15]))).toBeNull();
  });
  it('knows the middle', () =>
    expect([middle([3, 1, 2]), middle([4, 1, 2, 3]), middle([])]).toEqual([2, 2.5, 0]));
});

describe('the wear of a part', () => {
  it('that wears evenly reaches its limit where the line does', () => {
    const told = forecast(points([0, 3], [1000, 2.5], [2000, 2]), 1, 'less', {
      rate: 0.0005,
      spread: 0.0002,
      noise: 0.02,
      changes: 0.1,
    });
    expect(told).toMatchObject({ basis: 'own', readings: 3 });
    expect(told.left).toBeCloseTo(2000, 6);
    expect(told.level).toBeCloseTo(2, 6);
    expect(told.rate).toBeCloseTo(0.0005, 9);
    expect(told.least < 2000 && told.most > 2000).toBe(true);
  });
  it('with one reading goes by the fleet’s rate, with two by both', () => {
    expect(forecast(points([500, 0.5]), 1.5, 'more', PRIOR)).toMatchObject({
      basis: 'fleet',
      rate: PRIOR.rate,
    });
    const two = forecast(points([0, 0], [500, 1]), 1.5, 'more', PRIOR);
    expect(two.basis).toBe('shared');
    expect(two.rate > PRIOR.rate && two.rate < 0.002).toBe(true);
  });
  it('may be one of a fleet whose pace never changes', () =>
    expect(forecast(points([0, 0], [500, 0.5]), 1.5, 'more', { ...PRIOR, changes: 0 }).left).toBeGreaterThan(
      0,
    ));
  it('that seems to heal is drawn towards the fleet, and never wears backwards', () => {
    const told = forecast(points([0, 0.5], [500, 0.45], [900, 0.48]), 1.5, 'more', PRIOR);
    expect(told.basis).toBe('shared');
    expect(told.rate).toBeGreaterThan(0);
  });
  it('past its limit has nothing left', () =>
    expect(forecast(points([0, 0], [500, 0.8], [900, 1.6]), 1.5, 'more', PRIOR)).toMatchObject({
      left: 0,
      least: 0,
    }));
  it('is surer the more it was read, and less sure the farther off', () => {
    const series = (count: number) =>
      points(...Array.from({ length: count }, (_, at) => [at * 100, at * 0.1 + (at % 2) * 0.01] as const));
    const width = (count: number, limit: number) => {
      const { least, most } = forecast(series(count), limit, 'more', PRIOR);
      return most - least;
    };
    expect(width(3, 1.5)).toBeGreaterThan(width(9, 1.5 + 0.6));
    expect(width(5, 3)).toBeGreaterThan(width(5, 1));
  });
  it.each([
    [[], 1, PRIOR, ['points']],
    [points([-1, 1], [Number.NaN, 1]), 1, PRIOR, ['points.0', 'points.1']],
    [
      points([1, 1]),
      Number.NaN,
      { ...PRIOR, rate: 0, noise: Number.NaN, changes: -1 },
      ['limit', 'prior.rate', 'prior.noise', 'prior.changes'],
    ],
  ])('that cannot be is refused by its field (%#)', (given, limit, prior, fields) => {
    const answer = forecastWear(given, limit, 'more', prior);
    expect(!answer.ok && answer.issues.map((issue) => issue.path)).toEqual(fields);
  });
  it('is as unsure as its own readings scatter, and has less left where it wore faster of late', () => {
    const read = (...values: readonly number[]) => values.map((value, at) => ({ usage: at * 100, value }));
    const wide = (given: readonly WearPoint[]) => {
      const told = forecast(given, 1.5, 'more', PRIOR);
      return told.most - told.least;
    };
    expect(wide(read(0, 0.22, 0.08, 0.42, 0.28, 0.5))).toBeGreaterThan(
      1.3 * wide(read(0, 0.1, 0.2, 0.3, 0.4, 0.5)),
    );
    const left = (given: readonly WearPoint[]) =>
      forecast(given, 1.5, 'more', { ...PRIOR, changes: 0.4 }).left;
    const [even, late] = [read(0, 0.1, 0.2, 0.3, 0.4), read(0, 0.09, 0.18, 0.29, 0.42)];
    expect(left(late) / left(even)).toBeLessThan(0.9);
  });
  it('is as unsure of where a part stands as of its rate: one late reading after many early ones says less than many late ones', () => {
    const read = (...usages: readonly number[]) =>
      points(...usages.map((usage) => [usage, usage * 0.002] as const));
    const atTheLimit = (given: ReturnType<typeof read>) => forecast(given, 2, 'more', PRIOR).most;
    expect(atTheLimit(read(0, 0, 0, 0, 1000))).toBeGreaterThan(
      1.6 * atTheLimit(read(0, 1000, 1000, 1000, 1000)),
    );
  });
  it('holds together whatever was read', () => {
    const point = fc.record({
      usage: fc.double({ min: 0, max: 5000, noNaN: true }),
      value: fc.double({ min: 0, max: 5, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 1, maxLength: 9 }),
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (given, limit, farther) => {
          const near = forecast(given, limit, 'more', PRIOR);
          const far = forecast(given, limit + farther, 'more', PRIOR);
          for (const told of [near, far]) {
            expect(
              Object.values(told).every((value) => typeof value !== 'number' || Number.isFinite(value)),
            ).toBe(true);
            expect(
              told.least <= told.left && told.left <= told.most && told.least >= 0 && told.rate > 0,
            ).toBe(true);
          }
          expect(far.left).toBeGreaterThanOrEqual(near.left);
          // Which way the figure goes changes nothing else.
          const turned = forecast(
            given.map(({ usage, value }) => ({ usage, value: -value })),
            -limit,
            'less',
            PRIOR,
          );
          expect(turned.left).toBeCloseTo(near.left, 6);
        },
      ),
    );
  });
});

describe('how much a pace changes over a life', () => {
  it('is told from six readings on, two to each third', () => {
    const read = (count: number) =>
      Array.from({ length: count }, (_, at) => ({
        usage: at * 100,
        value: at * 0.1 + (at > 2 ? (at - 2) * 0.1 : 0),
      }));
    expect(changesOf([read(5)], 0.001)).toBeNull();
    expect(changesOf([read(6)], 0.001)).toBeGreaterThan(0.1);
  });
});

describe('what a fleet knows', () => {
  it('is what is usual until it has series of its own', () => {
    expect(fleetPrior([], 'more', PRIOR)).toBe(PRIOR);
    expect(fleetPrior([points([0, 1], [10, 2])], 'more', PRIOR)).toBe(PRIOR);
    expect(fleetPrior([points([0, 3], [10, 2], [20, 1])], 'more', PRIOR)).toBe(PRIOR);
  });
  it('learns nothing from a part that did not wear', () => {
    const flat = points([0, 1], [100, 1], [200, 1]);
    expect(fleetPrior([flat, flat, flat], 'more', PRIOR)).toBe(PRIOR);
  });
  it('is drawn towards what its series say', () => {
    const series = Array.from({ length: 16 }, (_, each) =>
      points([0, 0], [100, 0.2 + each * 0.001], [200, 0.4 + each * 0.002]),
    );
    const known = fleetPrior(series, 'more', PRIOR);
    expect(known.rate).toBeGreaterThan(0.0015);
    expect(known.rate).toBeLessThan(0.0021);
    expect(known.noise).toBeLessThan(PRIOR.noise);
  });
});

describe('a change of pace', () => {
  const even = points([0, 0], [100, 0.1], [200, 0.2], [300, 0.3]);
  it('is a jump or a faster rate, once two readings lie after it', () => {
    const jumped = [...even, { usage: 400, value: 1 }];
    expect(changeOfPace(jumped, PRIOR)).toBeNull();
    expect(changeOfPace([...jumped, { usage: 500, value: 1.1 }], PRIOR)).toMatchObject({ before: 4 });
    expect(
      changeOfPace([...even, { usage: 400, value: 0.7 }, { usage: 500, value: 1.1 }], PRIOR),
    ).toMatchObject({ before: 4 });
  });
  it('is said from two readings on either side, at the place where it shows the clearest', () => {
    expect(changeOfPace(points([0, 0], [100, 0.1], [200, 0.8], [300, 0.9]), PRIOR)).toMatchObject({
      before: 2,
    });
    const late = [
      ...even,
      { usage: 400, value: 1 },
      { usage: 500, value: 1.1 },
      { usage: 600, value: 1.2 },
      { usage: 700, value: 1.3 },
    ];
    expect(changeOfPace(late, PRIOR)).toMatchObject({ before: 4 });
    const faster = [...even, ...[0.6, 1, 1.4, 1.8].map((value, at) => ({ usage: 400 + 100 * at, value }))];
    expect(changeOfPace(faster, PRIOR)).toMatchObject({ before: 4 });
  });
  it('is none where readings scatter as much about a line of their own', () => {
    const scattered = (by: number) =>
      [0, 1, 2, 3, 4, 5, 6, 7].map((at) => ({
        usage: at * 100,
        value: at * 0.1 + (at > 3 ? 0.25 : 0) + (at % 2 ? by : -by),
      }));
    expect(changeOfPace(scattered(0.01), PRIOR)).not.toBeNull();
    expect(changeOfPace(scattered(0.12), PRIOR)).toBeNull();
  });
  it('is nothing where a part wears as before, slower, or is read twice at one place', () => {
    expect(
      changeOfPace([...even, { usage: 400, value: 0.41 }, { usage: 500, value: 0.49 }], PRIOR),
    ).toBeNull();
    expect(
      changeOfPace([...even, { usage: 400, value: 0.3 }, { usage: 500, value: 0.31 }], PRIOR),
    ).toBeNull();
    expect(changeOfPace(points([5, 0.1], [5, 0.12], [5, 0.09], [5, 0.1]), PRIOR)).toBeNull();
    expect(changeOfPace(points([0, 0], [100, 0.1], [200, 0.2]), PRIOR)).toBeNull();
  });
  it('leaves the forecast to the readings since, and says so', () => {
    const told = forecast([...even, { usage: 400, value: 1 }, { usage: 500, value: 1.1 }], 2, 'more', PRIOR);
    expect(told).toMatchObject({ isFaster: true, readings: 2, basis: 'shared' });
    expect(told.level).toBeCloseTo(1.1, 1);
    expect(forecast(even, 2, 'more', PRIOR)).toMatchObject({ isFaster: false, readings: 4 });
    // A figure that falls as it wears tells the same.
    const less = [...even, { usage: 400, value: 1 }, { usage: 500, value: 1.1 }].map(({ usage, value }) => ({
      usage,
      value: 3 - value,
    }));
    expect(forecast(less, 1, 'less', PRIOR)).toMatchObject({ isFaster: true });
  });
});

describe('a fleet that knows wrong', () => {
  const twice = (count: number) =>
    points(...Array.from({ length: count }, (_, at) => [at * 200, at * 0.4] as const));
  it('is at odds with readings of a part that wears at twice its rate, and the interval says how little is known', () => {
    const told = forecast(twice(2), 2, 'more', PRIOR);
    expect(told).toMatchObject({ basis: 'shared', isAtOdds: true });
    const known = forecast(twice(2), 2, 'more', { ...PRIOR, rate: 0.002 });
    expect(known.isAtOdds).toBe(false);
    expect((told.most - told.least) / told.left).toBeGreaterThan((known.most - known.least) / known.left);
    expect(forecast(points([0, 0], [200, 0.2]), 2, 'more', PRIOR).isAtOdds).toBe(false);
  });
  it('hears of how much paces change from its own long series', () => {
    const steady = Array.from({ length: 12 }, () =>
      points(...Array.from({ length: 9 }, (_, at) => [at * 100, at * 0.1] as const)),
    );
    const turning = steady.map((series) =>
      series.map(({ usage }) => ({
        usage,
        value: usage < 400 ? usage * 0.0005 : 0.2 + (usage - 400) * 0.0015,
      })),
    );
    expect(fleetPrior(steady, 'more', PRIOR).changes).toBeLessThan(PRIOR.changes);
    expect(fleetPrior(turning, 'more', PRIOR).changes).toBeGreaterThan(0.3);
    expect(fleetPrior([points([0, 0], [100, 0.1], [200, 0.2])], 'more', PRIOR).changes).toBe(PRIOR.changes);
  });
});
