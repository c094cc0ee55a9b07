import Dexie from 'dexie';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { marksFor } from '@cadre/test-world/builders';
import { localDb } from './local-db';
import { storageTrouble } from './storage';
import { useSavedMarks, type SavedMarks } from './use-saved-marks';

const given = marksFor(RIDE_OUT, USUAL_BUILD.hardtail, 'somebody', 1);
const keep = (checkId: string, from: number, to: number): Promise<unknown> =>
  localDb.marks.bulkPut(
    given.slice(from, to).map((mark) => ({ id: `${checkId} ${mark.id}`, checkId, mark, sent: 0 })),
  );
beforeEach(() => localDb.marks.clear());
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('the marks of many checks', () => {
  const begun = (): { marks: SavedMarks; scope: EffectScope } => {
    const scope = effectScope();
    return { marks: scope.run(useSavedMarks) as SavedMarks, scope };
  };

  it('are there when each has been read', async () => {
    await Promise.all([keep('one', 0, 3), keep('two', 0, 2), keep('three', 0, 1)]);
    const { marks, scope } = begun();
    await marks.follow(['one', 'two']);
    expect([...marks.byCheck].map(([checkId, each]) => [checkId, each.length]).sort()).toEqual([
      ['one', 3],
      ['two', 2],
    ]);
    scope.stop();
  });

  it('are read again when there is a new one', async () => {
    const { marks, scope } = begun();
    await marks.follow(['one', 'two']);
    await keep('one', 0, 1);
    await vi.waitFor(() => expect(marks.byCheck.get('one')).toHaveLength(1), { timeout: 20_000 });
    expect(marks.byCheck.get('two')).toEqual([]);
    scope.stop();
  });

  it('are let go of when they are wanted no more', async () => {
    await Promise.all([keep('one', 0, 3), keep('two', 0, 2)]);
    const { marks, scope } = begun();
    await marks.follow(['one']);
    await marks.follow(['two']);
    expect([...marks.byCheck.keys()]).toEqual(['two']);
    scope.stop();
    expect(marks.byCheck.size).toBe(0);
  });

  it('that cannot be read are not taken for none', async () => {
    const reported = vi.fn();
    vi.stubGlobal('reportError', reported);
    const toArray = (): Promise<never> => Promise.reject(new Dexie.UnknownError('the disk is gone'));
    vi.spyOn(localDb.marks, 'where').mockReturnValue({ equals: () => ({ toArray }) } as never);
    const { marks, scope } = begun();
    await expect(marks.follow(['one'])).rejects.toThrow('the disk is gone');
    expect(marks.byCheck.has('one')).toBe(false);
    expect(storageTrouble.value).toBe('refused');
    expect(reported).toHaveBeenCalledOnce();
    storageTrouble.value = null;
    scope.stop();
  });
});
