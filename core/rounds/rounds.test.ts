import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Group } from '@cadre/core/schedule';
import { NOON } from '@cadre/test-world/core';
import {
  ABANDONED_AFTER_MS,
  ANY_BIKE,
  bikesOfRule,
  countRound,
  finishOf,
  minutesEach,
  neededBikes,
  nextForMe,
  projectFinish,
  roundRows,
  type RoundCandidate,
  type RoundLook,
} from '.';

const MINUTE = 60_000;
const bike = (id: string, place: number, more: Partial<RoundCandidate> = {}): RoundCandidate => ({
  id,
  siteId: 's',
  rackId: 'r1',
  place,
  kind: 'child',
  size: '20 in',
  whereabouts: 'in',
  due: true,
  ready: false,
  ...more,
});
const group = (more: Partial<Group> = {}): Group => ({
  id: 'g',
  siteId: 's',
  name: 'Year 5',
  outAt: NOON + 60 * MINUTE,
  backAt: NOON + 120 * MINUTE,
  wants: [{ count: 2, kind: 'child', size: '24 in' }],
  ...more,
});

describe('the bikes of a rule', () => {
  const fleet = [
    bike('c', 3, { size: '24 in' }),
    bike('a', 1),
    bike('b', 2, { rackId: 'r2', due: false }),
    bike('d', 4, { whereabouts: 'laid-up' }),
    bike('e', 5, { kind: 'hardtail', size: 'M' }),
  ];
  const ids = (rule: Partial<typeof ANY_BIKE>, groups: readonly Group[] = []) =>
    bikesOfRule({ ...ANY_BIKE, ...rule }, fleet, groups)
      .map((each) => each.id)
      .join('');
  it.each([
    [{}, 'abce'],
    [{ rackIds: ['r1'] }, 'ace'],
    [{ kinds: ['child' as const], due: true }, 'ac'],
    [{ sizes: ['24"'] }, 'c'],
    [{ named: ['e'] }, 'e'],
    [{ named: ['e'], rackIds: ['r2'] }, 'be'],
    [{ kinds: ['trike' as const] }, ''],
  ])('%j are %s', (rule, wanted) => expect(ids(rule)).toBe(wanted));
  it('that came back are those due for a return check', () => {
    const back = [...fleet, bike('f', 6, { returned: true }), bike('g', 7, { returned: true, rackId: 'r2' })];
    const of = (rule: Partial<typeof ANY_BIKE>) =>
      bikesOfRule({ ...ANY_BIKE, ...rule }, back, [])
        .map((each) => each.id)
        .join('');
    expect(of({ returned: true })).toBe('fg');
    expect(of({ returned: true, rackIds: ['r2'] })).toBe('g');
    expect(of({ returned: true, named: ['a'] })).toBe('afg');
  });
  it('for groups are those a group can ride', () => expect(ids({ forGroups: true }, [group()])).toBe('c'));
});

describe('what groups need looked at', () => {
  it('is as many as they are short, in rack order, with the time they go out', () => {
    const fleet = [
      bike('c', 3, { size: '24 in' }),
      bike('a', 1, { size: '24 in' }),
      bike('b', 2, { size: '24 in' }),
      bike('x', 0),
    ];
    expect([...neededBikes(fleet, [group()], NOON)]).toEqual([
      ['a', NOON + 60 * MINUTE],
      ['b', NOON + 60 * MINUTE],
    ]);
    const oneReady = fleet.map((each) => (each.id === 'a' ? { ...each, ready: true } : each));
    expect([...neededBikes(oneReady, [group()], NOON).keys()]).toEqual(['b']);
  });
});

const look = (bikeId: string, more: Partial<RoundLook> = {}): RoundLook => ({
  bikeId,
  checkId: `c-${bikeId}`,
  state: 'signed',
  by: 'ann',
  lastAt: NOON,
  signedBy: 'ann',
  signedAt: NOON,
  complete: true,
  found: 0,
  ...more,
});

describe('a round', () => {
  const looks = [
    look('a'),
    look('b', { complete: false }),
    look('c', { state: 'open', signedAt: null, found: 2 }),
    look('d', { state: 'open', by: 'bo', lastAt: NOON - ABANDONED_AFTER_MS }),
  ];
  const rows = roundRows(['a', 'b', 'c', 'd', 'e'], looks, NOON + 1);
  it('tells what is done, in hand, abandoned, incomplete and waiting', () => {
    expect(rows.map((row) => row.state)).toEqual(['done', 'incomplete', 'in-hand', 'abandoned', 'waiting']);
    expect(countRound(rows)).toEqual({ of: 5, done: 1, inHand: 1, left: 4, found: 2 });
  });
  it('leaves a bike to whoever marked it a quarter of an hour ago, and no longer', () => {
    const stateAfter = (ms: number) =>
      roundRows(['d'], [look('d', { state: 'open', lastAt: NOON })], NOON + ms)[0]?.state;
    expect([stateAfter(ABANDONED_AFTER_MS), stateAfter(ABANDONED_AFTER_MS + 1)]).toEqual([
      'in-hand',
      'abandoned',
    ]);
  });
  const places: Record<string, number> = { b: 1, d: 9, e: 5 };
  const standing = (needed: Record<string, number>) => (id: string) => ({
    place: places[id] ?? 0,
    neededAt: needed[id] ?? null,
  });
  it('offers one’s own unfinished bike first', () =>
    expect(nextForMe(rows, 'ann', 5, standing({}))?.bikeId).toBe('c'));
  it('offers what is needed first, then the nearest', () => {
    expect(nextForMe(rows, 'cy', 5, standing({}))?.bikeId).toBe('e');
    expect(nextForMe(rows, 'cy', 5, standing({ d: 2, b: 1 }))?.bikeId).toBe('b');
    expect(nextForMe(rows, 'cy', null, standing({}))?.bikeId).toBe('b');
  });
  it('never offers what somebody else has in hand or what is done', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('open', 'signed', 'none', 'old'), { maxLength: 8 }),
        fc.nat(10),
        (states, at) => {
          const ids = states.map((_, index) => `b${index}`);
          const made = states.flatMap((state, index) =>
            state === 'none'
              ? []
              : [
                  look(`b${index}`, {
                    state: state === 'signed' ? 'signed' : 'open',
                    by: 'bo',
                    lastAt: state === 'old' ? 0 : NOON,
                  }),
                ],
          );
          const next = nextForMe(roundRows(ids, made, NOON), 'me', at, () => ({ place: 1, neededAt: null }));
          const free = states.some((state) => state === 'none' || state === 'old');
          expect(next !== null).toBe(free);
          if (next) expect(['waiting', 'abandoned']).toContain(next.state);
        },
      ),
    );
  });
});

describe('pace', () => {
  it('is from signature to signature, but not across a pause', () => {
    const checks = [
      { by: 'ann', openedAt: 0, signedAt: 4 * MINUTE },
      { by: 'ann', openedAt: 5 * MINUTE, signedAt: 10 * MINUTE },
      { by: 'bo', openedAt: 5 * MINUTE, signedAt: 9 * MINUTE },
      { by: 'ann', openedAt: 200 * MINUTE, signedAt: 203 * MINUTE },
    ];
    expect(minutesEach(checks)).toEqual([4, 4, 6, 3]);
  });
  it('ends the way to a bike at a pause, takes two signatures at one moment by themselves, and leaves out what took no time', () => {
    const signed = (openedAt: number, signedAt: number, by = 'ann') => ({
      by,
      openedAt: openedAt * MINUTE,
      signedAt: signedAt * MINUTE,
    });
    // The way to a bike is up to four times as long as its check, and a check up to four times as long as most.
    expect(minutesEach([signed(0, 8), signed(14, 16)])).toEqual([8, 8]);
    expect(minutesEach([signed(0, 8), signed(14.5, 16.5)])).toEqual([8, 2]);
    expect(minutesEach([signed(0, 2, 'a'), signed(0, 2, 'b'), signed(0, 8, 'c')])).toEqual([2, 2, 8]);
    expect(minutesEach([signed(0, 2, 'a'), signed(0, 2, 'b'), signed(0, 8.5, 'c')])).toEqual([2, 2]);
    expect(minutesEach([signed(0, 4), signed(1, 4)])).toEqual([4, 3]);
    expect(minutesEach([signed(5, 5), signed(6, 9, 'bo')])).toEqual([3]);
  });
  it('leaves out what lay open for hours', () => {
    const checks = [1, 2, 3].map((index) => ({ by: `p${index}`, openedAt: 0, signedAt: 5 * MINUTE }));
    expect(minutesEach([...checks, { by: 'z', openedAt: 0, signedAt: 300 * MINUTE }])).toEqual([5, 5, 5]);
  });
  it('projects by the checklist while nothing is known, by the program’s own minutes once much is', () => {
    const guess = projectFinish({ now: 0, left: 10, hands: 2, own: [], checklistMinutes: 6 });
    expect((guess?.finishAt ?? 0) / MINUTE).toBeGreaterThan(30);
    expect((guess?.finishAt ?? 0) / MINUTE).toBeLessThan(38);
    const known = projectFinish({
      now: 0,
      left: 10,
      hands: 2,
      own: Array.from({ length: 96 }, (_, at) => 3.8 + (at % 5) / 10),
      checklistMinutes: 6,
    });
    expect((known?.finishAt ?? 0) / MINUTE).toBeGreaterThan(20);
    expect((known?.finishAt ?? 0) / MINUTE).toBeLessThan(22);
    expect((known?.latest ?? 0) - (known?.earliest ?? 0)).toBeLessThan(
      (guess?.latest ?? 0) - (guess?.earliest ?? 0),
    );
  });
  it('does not set more hands on than there are bikes, and does not cut a bike in two', () => {
    const one = projectFinish({ now: 0, left: 1, hands: 5, own: [], checklistMinutes: 6 });
    expect((one?.finishAt ?? 0) / MINUTE).toBeGreaterThan(5);
    expect(one).toEqual(projectFinish({ now: 0, left: 1, hands: 1, own: [], checklistMinutes: 6 }));
    // Four bikes of five minutes for three hands: one of them does two.
    expect(finishOf([5, 5, 5, 5], 3)).toBe(10);
    expect(finishOf([9, 2, 2, 2], 2)).toBe(9);
  });
  it('learns nothing from a check that took no time', () => {
    const told = (own: readonly number[]) =>
      projectFinish({ now: 0, left: 4, hands: 1, own, checklistMinutes: 6 });
    expect(told([0, 5])?.finishAt).toBe(told([5])?.finishAt);
  });
  it.each([
    [0, 1, 5],
    [3, 0, 5],
    [3, 1, 0],
    [Number.NaN, 1, 5],
  ])('of %d bikes by %d at %d minutes is refused', (left, hands, checklistMinutes) =>
    expect(projectFinish({ now: 0, left, hands, own: [], checklistMinutes })).toBeNull(),
  );
  it('keeps the finish inside its interval, and later with more bikes', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.5, max: 40, noNaN: true }), { maxLength: 30 }),
        fc.integer({ min: 1, max: 40 }),
        (own, left) => {
          const one = projectFinish({ now: 0, left, hands: 1, own, checklistMinutes: 5 });
          const more = projectFinish({ now: 0, left: left + 1, hands: 1, own, checklistMinutes: 5 });
          expect(
            one &&
              more &&
              one.earliest <= one.finishAt &&
              one.finishAt <= one.latest &&
              more.finishAt >= one.finishAt,
          ).toBe(true);
          expect(one && projectFinish({ now: 0, left, hands: 1, own, checklistMinutes: 5 })).toEqual(one);
        },
      ),
      { numRuns: 25 },
    );
  });
});
