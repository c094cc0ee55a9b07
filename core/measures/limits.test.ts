import { describe, expect, it } from 'vitest';
import { isLimitKey, LIMIT_KEYS, limitIssues, limitOf, LIMITS } from '.';

describe('the limits a program may set', () => {
  it('ship inside what it may make of them, near ones before far ones', () => {
    expect(LIMIT_KEYS.length).toBeGreaterThan(40);
    for (const key of LIMIT_KEYS)
      expect(LIMITS[key].is >= LIMITS[key].least && LIMITS[key].is <= LIMITS[key].most, key).toBe(true);
    expect(limitIssues({})).toEqual([]);
    expect(limitIssues(Object.fromEntries(LIMIT_KEYS.map((key) => [key, LIMITS[key].is])))).toEqual([]);
  });
  it('say whether the program set them', () => {
    expect(limitOf({}, 'padFault')).toEqual({ value: 1, source: 'default' });
    expect(limitOf({ padFault: 1.2 }, 'padFault')).toEqual({ value: 1.2, source: 'policy' });
  });
  it.each([
    [{ padFault: 0.4 }, 'limits.padFault', 'out-of-range'],
    [{ padRenew: 4.1 }, 'limits.padRenew', 'out-of-range'],
    [{ slackOff: 30.1 }, 'limits.slackOff', 'out-of-range'],
    [{ padFault: Number.NaN }, 'limits.padFault', 'not-a-number'],
    [{ brakeFluid: 3 }, 'limits.brakeFluid', 'unknown'],
    [{ toString: 3 }, 'limits.toString', 'unknown'],
    [{ padFault: 1.6 }, 'limits.padFault', 'over-its-most'],
    [{ padRenew: 0.9 }, 'limits.padRenew', 'over-its-most'],
    [{ slackLoose: 21 }, 'limits.slackLoose', 'over-its-most'],
  ])('%o is refused at %s: %s', (choices, path, code) =>
    expect(limitIssues(choices)).toEqual([expect.objectContaining({ path, code })]),
  );
  it('may stand on their ends and on each other', () => {
    expect(limitIssues({ padFault: 0.5 })).toEqual([]);
    expect(limitIssues({ padFault: 1.5, padRenew: 1.5 })).toEqual([]);
    expect(limitIssues({ padFault: 3, padRenew: 4 })).toEqual([]);
  });
  it('are known by their keys', () =>
    expect([isLimitKey('padFault'), isLimitKey('valueOf')]).toEqual([true, false]));
});
