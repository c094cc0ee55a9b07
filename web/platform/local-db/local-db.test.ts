import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { marksFor } from '@cadre/test-world/builders';
import {
  keepCheck,
  kept,
  keptChecksOf,
  keptUnderWay,
  letGoOfOld,
  withChecklists,
  type KeptCheck,
} from './local-db';

const check = (more: Partial<KeptCheck> = {}): KeptCheck => ({
  id: newId(),
  serverId: newId(),
  bikeId: 'bike',
  tag: 'Q1',
  build: USUAL_BUILD.hardtail,
  checklistHash: 'c'.repeat(64),
  checklist: RIDE_OUT,
  repairId: null,
  author: newId(),
  openedAt: 100,
  state: 'open',
  signature: null,
  trouble: null,
  ...more,
});
beforeEach(() => Promise.all([kept.checks.clear(), kept.marks.clear(), kept.checklists.clear()]));

describe('kept checks', () => {
  it('lie there without their checklist, which lies there once, and are read with it', async () => {
    await keepCheck(check());
    await keepCheck(check());
    expect((await kept.checks.toArray()).every((each) => each.checklist === undefined)).toBe(true);
    expect(await kept.checklists.count()).toBe(1);
    const read = await keptChecksOf(['bike']);
    expect(read.map((each) => each.checklist.key)).toEqual(['ride-out', 'ride-out']);
    expect(read[0]?.checklist).toBe(read[1]?.checklist);
  });
  it('are under way until they are signed and sent', async () => {
    const [open, signing, signed] = [check(), check({ state: 'signing' }), check({ state: 'signed' })];
    for (const each of [open, signing, signed]) await keepCheck(each);
    expect((await keptUnderWay()).map((each) => each.id).sort()).toEqual([open.id, signing.id].sort());
    expect((await keptChecksOf(['bike', 'other'])).length).toBe(3);
  });
  it('kept the old way, with their checklist inside, are read the same', async () => {
    await kept.checks.put(check({ checklistHash: 'd'.repeat(64) }));
    expect((await keptChecksOf(['bike']))[0]?.checklist.key).toBe('ride-out');
  });
  it('without any checklist are a fault that is told', async () => {
    const { checklist: _checklist, ...bare } = check({ checklistHash: 'e'.repeat(64) });
    await expect(withChecklists([bare])).rejects.toThrow(/without its checklist/);
  });
  it('are let go of days after they were signed and sent, and never before', async () => {
    const [old, unsent, troubled, young, open] = [
      check({ state: 'signed' }),
      check({ state: 'signed' }),
      check({ state: 'signed', trouble: 'refused' }),
      check({ state: 'signed', openedAt: 900 }),
      check(),
    ];
    for (const each of [old, unsent, troubled, young, open]) await keepCheck(each);
    const [mark] = marksFor(RIDE_OUT, USUAL_BUILD.hardtail, newId(), 1);
    if (!mark) throw new Error('no mark');
    await kept.marks.put({ id: mark.id, checkId: unsent.id, mark, sent: 0 });
    await letGoOfOld(500);
    expect((await kept.checks.toArray()).map((each) => each.id).sort()).toEqual(
      [unsent, troubled, young, open].map((each) => each.id).sort(),
    );
    expect(await kept.marks.count()).toBe(1);
  });
});
