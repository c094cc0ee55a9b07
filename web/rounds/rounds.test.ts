import { describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import type { Round } from '@cadre/contract/rounds';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { countRound, roundRows, type Projection } from '@cadre/core/rounds';
import { RIDE_OUT } from '@cadre/core/shipped';
import { faulty, marksFor } from '@cadre/test-world/builders';
import type { SavedCheck, SavedMark } from '@cadre/web/platform/local-db';
import { withLocalLooks } from './local-looks';
import { deadlineWords } from './round-wording';

const MADE = 1_000_000;
const bikeId = newId();
const me = newId();
const round = {
  id: newId(),
  checklistKey: null,
  bikeIds: [bikeId],
  madeAt: MADE,
  looks: [],
} as unknown as Round;
const check = (more: Partial<SavedCheck> = {}): SavedCheck => ({
  id: newId(),
  serverId: null,
  bikeId,
  tag: 'Q1',
  build: USUAL_BUILD.hardtail,
  checklistHash: 'a'.repeat(64),
  checklist: RIDE_OUT,
  repairId: null,
  author: me,
  openedAt: MADE + 1000,
  state: 'open',
  signature: null,
  trouble: null,
  ...more,
});
const kept = (of: SavedCheck, leftOut = 0): ReadonlyMap<string, readonly SavedMark[]> => {
  const marks = marksFor(RIDE_OUT, USUAL_BUILD.hardtail, me, MADE + 2000, [
    { checkpoint: 'bars', more: faulty('bent') },
  ]);
  return new Map([
    [
      of.id,
      marks
        .slice(0, marks.length - leftOut)
        .map((mark) => ({ id: mark.id, checkId: of.id, mark, sent: 0 as const })),
    ],
  ]);
};
const countOf = (of: SavedCheck, leftOut = 0) =>
  countRound(roundRows([bikeId], withLocalLooks(round, [of], kept(of, leftOut)), MADE + 300_000));

describe('a board without signal', () => {
  it('counts what is marked and signed here, with what was found', () => {
    const signed = check({
      state: 'signing',
      signature: { id: newId(), author: me, markIds: [], at: MADE + 250_000 },
    });
    expect(countOf(signed)).toMatchObject({ done: 1, left: 0, found: 1 });
    expect(countOf(check())).toMatchObject({ done: 0, inHand: 1, left: 1 });
  });
  it('calls a signature without every critical incomplete', () => {
    const signed = check({
      state: 'signing',
      signature: { id: newId(), author: me, markIds: [], at: MADE + 250_000 },
    });
    expect(countOf(signed, 40)).toMatchObject({ done: 0, left: 1 });
  });
  it.each([
    ['a recheck', { repairId: newId() }],
    ['another checklist', { checklist: { ...RIDE_OUT, clears: false } }],
    ['what was begun before the round', { openedAt: MADE - 60_000 }],
    ['a bike of no round', { bikeId: newId() }],
  ])('leaves out %s', (_what, more) => {
    const other = check(more);
    expect(withLocalLooks(round, [other], kept(other))).toEqual([]);
  });
  it('gives way to what the server has signed since', () => {
    const theirs = {
      bikeId,
      checkId: newId(),
      state: 'signed',
      by: newId(),
      lastAt: MADE + 200_000,
      signedBy: newId(),
      signedAt: MADE + 200_000,
      complete: true,
      found: 0,
    };
    const mine = check();
    expect(withLocalLooks({ ...round, looks: [theirs] } as unknown as Round, [mine], kept(mine))).toEqual([
      theirs,
    ]);
  });
});

describe('the deadline', () => {
  const projection = (earliest: number, finishAt: number, latest: number): Projection => ({
    earliest,
    finishAt,
    latest,
    minutesEach: 4,
    samples: 9,
  });
  const MINUTE = 60_000;
  it.each([
    [projection(10, 20, 30), 'in time', 'good'],
    [projection(10, 20, 50), 'in time if nothing delays the round', 'doubt'],
    [projection(30, 65, 90), 'about 25 min late', 'bad'],
    [projection(50, 65, 90), '25 min late', 'bad'],
  ] as const)('is told with its doubt: %o', (each, words, tone) => {
    const scaled = {
      ...each,
      earliest: each.earliest * MINUTE,
      finishAt: each.finishAt * MINUTE,
      latest: each.latest * MINUTE,
    };
    expect(deadlineWords(scaled, 40 * MINUTE)).toEqual({ words, tone });
  });
});
