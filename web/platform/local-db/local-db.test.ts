import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { marksFor } from '@cadre/test-world/builders';
import {
  saveCheck,
  localDb,
  savedChecksOf,
  savedUnderWay,
  letGoOfOld,
  withChecklists,
  type SavedCheck,
} from './local-db';

const check = (more: Partial<SavedCheck> = {}): SavedCheck => ({
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
beforeEach(() => Promise.all([localDb.checks.clear(), localDb.marks.clear(), localDb.checklists.clear()]));

describe('kept checks', () => {
  it('lie there without their checklist, which lies there once, and are read with it', async () => {
    await saveCheck(check());
    await saveCheck(check());
    expect((await localDb.checks.toArray()).every((each) => each.checklist === undefined)).toBe(true);
    expect(await localDb.checklists.count()).toBe(1);
    const read = await savedChecksOf(['bike']);
    expect(read.map((each) => each.checklist.key)).toEqual(['ride-out', 'ride-out']);
    expect(read[0]?.checklist).toBe(read[1]?.checklist);
  });
  it('are under way until they are signed and sent', async () => {
    const [open, signing, signed] = [check(), check({ state: 'signing' }), check({ state: 'signed' })];
    for (const each of [open, signing, signed]) await saveCheck(each);
    expect((await savedUnderWay()).map((each) => each.id).sort()).toEqual([open.id, signing.id].sort());
    expect((await savedChecksOf(['bike', 'other'])).length).toBe(3);
  });
  it('kept the old way, with their checklist inside, are read the same', async () => {
    await localDb.checks.put(check({ checklistHash: 'd'.repeat(64) }));
    expect((await savedChecksOf(['bike']))[0]?.checklist.key).toBe('ride-out');
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
    for (const each of [old, unsent, troubled, young, open]) await saveCheck(each);
    const [mark] = marksFor(RIDE_OUT, USUAL_BUILD.hardtail, newId(), 1);
    if (!mark) throw new Error('no mark');
    await localDb.marks.put({ id: mark.id, checkId: unsent.id, mark, sent: 0 });
    await letGoOfOld(500);
    expect((await localDb.checks.toArray()).map((each) => each.id).sort()).toEqual(
      [unsent, troubled, young, open].map((each) => each.id).sort(),
    );
    expect(await localDb.marks.count()).toBe(1);
  });
});
