import { HOUR_MS } from '@cadre/core/time';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  answerSoak,
  dueAfter,
  dueTimedRechecks,
  isDue,
  USUAL_TIMING,
  TIMED_RECHECK_KINDS,
  type TimedRecheck,
} from '.';

const recheck = (more: Partial<TimedRecheck> = {}): TimedRecheck => ({
  id: 'w',
  kind: 'soak',
  what: 'Front tyre',
  position: 'front',
  since: 0,
  by: 'ann',
  dueAt: 12 * HOUR_MS,
  outings: null,
  outingsUsed: 0,
  raisedAt: null,
  gauged: { kpa: 300, typed: '3', at: 0 },
  floor: null,
  ...more,
});

describe('a recheck', () => {
  it.each([
    [{ dueAt: 100 }, 99, false],
    [{ dueAt: 100 }, 100, true],
    [{ dueAt: null, outings: 3, outingsUsed: 2 }, 1e15, false],
    [{ dueAt: null, outings: 3, outingsUsed: 3 }, 0, true],
    [{ dueAt: 100, outings: 3, outingsUsed: 3 }, 0, true],
  ] as const)('%o at %d is due: %s', (more, now, due) => expect(isDue(recheck(more), now)).toBe(due));
  it('has a usual time or number of outings of its kind', () => {
    for (const kind of TIMED_RECHECK_KINDS)
      expect(USUAL_TIMING[kind].hours !== null || USUAL_TIMING[kind].outings !== null, kind).toBe(true);
    expect(dueAfter(1000, 5 / 60)).toBe(1000 + 300_000);
    expect(dueAfter(1000, null)).toBeNull();
  });
  it('comes longest overdue first', () => {
    const rechecks = [
      recheck({ id: 'b', dueAt: 200 }),
      recheck({ id: 'a', dueAt: 100 }),
      recheck({ id: 'c', dueAt: 900 }),
      recheck({ id: 'd', dueAt: null, outings: 1, outingsUsed: 1, since: 50 }),
    ];
    expect(dueTimedRechecks(rechecks, 300).map((each) => each.id)).toEqual(['d', 'a', 'b']);
  });
});

describe('a soak', () => {
  const at = (kpa: number, hours: number) => ({ kpa, typed: String(kpa / 100), at: hours * HOUR_MS });
  it('that lost 24 of 300 kPa in 18 hours is soon, and over', () =>
    expect(answerSoak(recheck(), at(276, 18), {})).toMatchObject({
      ok: true,
      answer: { outcome: 'fail', becomes: 'soon' },
      againAt: null,
    }));
  it('gauged again too soon goes on until six hours are over', () =>
    expect(answerSoak(recheck({ gauged: { kpa: 200, typed: '2', at: 0 } }), at(193, 4), {})).toMatchObject({
      ok: true,
      answer: { outcome: 'too-soon' },
      againAt: 6 * HOUR_MS,
    }));
  it('whose loss the gauges cannot tell is given as long again', () =>
    expect(answerSoak(recheck(), at(294, 8), {})).toMatchObject({
      ok: true,
      answer: { because: 'gauges' },
      againAt: 16 * HOUR_MS,
    }));
  it('that holds is over', () =>
    expect(answerSoak(recheck(), at(298, 48), {})).toMatchObject({
      ok: true,
      answer: { outcome: 'pass' },
      againAt: null,
    }));
  it('that falls under the tyre’s least before the next look is soon', () =>
    expect(answerSoak(recheck({ floor: 270 }), at(282, 24), {})).toMatchObject({
      answer: { outcome: 'fail', because: 'floor' },
    }));
  it('without a pressure to compare with, or with one that cannot be, is refused by its field', () => {
    expect(answerSoak(recheck({ gauged: null }), at(282, 24), {})).toEqual({
      ok: false,
      issues: [{ path: 'gauged', code: 'required' }],
    });
    expect(answerSoak(recheck(), at(-1, 24), {})).toMatchObject({ ok: false, issues: [{ path: 'after' }] });
    expect(answerSoak(recheck(), at(282, 0), {})).toMatchObject({ ok: false, issues: [{ path: 'hours' }] });
  });
  it('is never told to look again in the past', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 400, noNaN: true }),
        fc.double({ min: 0.1, max: 200, noNaN: true }),
        (kpa, hours) => {
          const told = answerSoak(recheck(), at(kpa, hours), {});
          expect(!told.ok || told.againAt === null || told.againAt > hours * HOUR_MS).toBe(true);
        },
      ),
    );
  });
});
