import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { DAY, NOON } from '@cadre/test-world/core';
import { outlookOf, usualWear, type Outlook } from '.';

const seriesLike = (pairs: readonly (readonly [number, number])[], more: object = {}) => ({
  measure: 'disc-pad' as const,
  points: pairs.map(([usage, value]) => ({ at: NOON, usage, value, bikeId: 'a' })),
  usageNow: pairs.at(-1)?.[0] ?? 0,
  perDay: 10,
  limit: { value: 1 },
  prior: usualWear('disc-pad', 'km'),
  ...more,
});
function outlook(...given: Parameters<typeof outlookOf>): Outlook {
  const answer = outlookOf(...given);
  if (!answer) throw new Error('no outlook');
  return answer;
}
const EVEN = [
  [0, 4],
  [250, 3.5],
  [500, 3],
  [750, 2.5],
  [1000, 2],
] as const;

describe('the outlook of a part', () => {
  it('says where its line meets the limit, how much is left from now, and when at the pace of late', () => {
    const told = outlook(seriesLike(EVEN, { usageNow: 1200 }), NOON);
    expect(told.reachedAt.likely).toBeCloseTo(1500, 6);
    expect(told.left.likely).toBeCloseTo(300, 6);
    expect(told.when?.likely).toBeCloseTo(NOON + 30 * DAY, -3);
    expect(told).toMatchObject({ sure: 'well', forecast: { basis: 'own', readings: 5 } });
  });
  it('ridden on past what was left has nothing left, and is due now', () => {
    const told = outlook(seriesLike(EVEN, { usageNow: 5000 }), NOON);
    expect(told.left).toEqual({ least: 0, likely: 0, most: 0 });
    expect(told.when?.likely).toBe(NOON);
  });
  it('has no date where it stands still, and none beyond ten years', () => {
    expect(outlook(seriesLike(EVEN, { perDay: 0 }), NOON).when).toBeNull();
    expect(outlook(seriesLike(EVEN, { perDay: 1e-9 }), NOON).when?.likely).toBe(NOON + 3650 * DAY);
  });
  it.each([
    [[[500, 3]], 'little'],
    [
      [
        [0, 4],
        [500, 3],
      ],
      'fairly',
    ],
    [EVEN.slice(0, 3), 'fairly'],
    [EVEN, 'well'],
  ] as const)('from %o it is %s sure', (pairs, sure) =>
    expect(outlook(seriesLike(pairs), NOON).sure).toBe(sure),
  );
  it('is none without a limit, or without a reading', () => {
    expect(outlookOf(seriesLike(EVEN, { limit: null }), NOON)).toBeNull();
    expect(outlookOf(seriesLike([]), NOON)).toBeNull();
  });
  it('is in order, whatever was read', () => {
    const pair = fc.tuple(
      fc.double({ min: 0, max: 3000, noNaN: true }),
      fc.double({ min: 0, max: 5, noNaN: true }),
    );
    fc.assert(
      fc.property(
        fc.array(pair, { minLength: 1, maxLength: 8 }),
        fc.double({ min: 0, max: 5000, noNaN: true }),
        (pairs, usageNow) => {
          const { reachedAt, left, when } = outlook(seriesLike(pairs, { usageNow }), NOON);
          for (const { least, likely, most } of [reachedAt, left, when ?? left]) {
            expect([least, likely, most].every(Number.isFinite)).toBe(true);
            expect(least <= likely && likely <= most).toBe(true);
          }
          expect(left.least).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});
