import { describe, expect, it } from 'vitest';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { findingLike, NOON } from '@cadre/test-world/core';
import { closeUnasked, type Finding } from './index';

const close = (finding: Finding, isAsked = false, by = 'pia') =>
  closeUnasked({ finding, isAsked, by, policy: DEFAULT_POLICY, now: NOON });

describe('a finding whose part is no longer on the bike', () => {
  it('waits for the release where it held the bike, and is closed where it did not', () => {
    expect(close(findingLike())).toMatchObject({ ok: true, value: { state: 'rechecked', severity: 'stop' } });
    expect(close(findingLike({ state: 'repaired', repairedBy: 'tom' }))).toMatchObject({
      ok: true,
      value: { state: 'rechecked' },
    });
    const soon = findingLike({ severity: 'soon', floor: 'soon', limit: { until: NOON + 1, outings: 3 } });
    expect(close(soon)).toMatchObject({ ok: true, value: { state: 'closed' } });
    expect(close({ ...soon, outingsUsed: 3 })).toMatchObject({ ok: true, value: { state: 'rechecked' } });
  });
  it.each([
    ['that is still asked', findingLike(), true, 'pia', 'finding.still-asked'],
    ['in work', findingLike({ state: 'in-work' }), false, 'pia', 'repair.finding-in-work'],
    ['closed already', findingLike({ state: 'closed' }), false, 'pia', 'repair.finding-not-open'],
    ['ready already', findingLike({ state: 'rechecked' }), false, 'pia', 'repair.finding-not-open'],
    [
      'repaired by the same person, on a brake',
      findingLike({ state: 'repaired', repairedBy: 'tom' }),
      false,
      'tom',
      'recheck.second-person',
    ],
  ] as const)('%s is refused', (_name, finding, isAsked, by, code) =>
    expect(close(finding, isAsked, by)).toMatchObject({ ok: false, refusal: { code } }),
  );
  it('repaired by the same person is closed where no second one is wanted', () =>
    expect(
      close(findingLike({ state: 'repaired', repairedBy: 'tom', zone: 'saddle-post' }), false, 'tom').ok,
    ).toBe(true));
});
