import { beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { marksFor } from '@cadre/test-world/builders';
import { kept } from './kept';
import { useKeptMarks } from './use-kept-marks';

const given = marksFor(RIDE_OUT, USUAL_BUILD.hardtail, 'somebody', 1);
const keep = (checkId: string, from: number, to: number): Promise<unknown> =>
  kept.marks.bulkPut(given.slice(from, to).map((mark) => ({ id: `${checkId} ${mark.id}`, checkId, mark, sent: 0 })));
beforeEach(() => kept.marks.clear());

describe('the marks of many checks', () => {
  it('are there when each has been read, and a new one has only its own read again', async () => {
    await Promise.all([keep('one', 0, 3), keep('two', 0, 2), keep('three', 0, 1)]);
    const scope = effectScope();
    const marks = scope.run(useKeptMarks) as ReturnType<typeof useKeptMarks>;
    await marks.follow(['one', 'two']);
    expect([...marks.byCheck].map(([checkId, each]) => [checkId, each.length])).toEqual([
      ['one', 3],
      ['two', 2],
    ]);
    const before = marks.byCheck.get('two');
    await keep('one', 3, 4);
    await vi.waitFor(() => expect(marks.byCheck.get('one')).toHaveLength(4));
    expect(marks.byCheck.get('two')).toBe(before);
    scope.stop();
  });

  it('are let go of when they are wanted no more', async () => {
    await Promise.all([keep('one', 0, 3), keep('two', 0, 2)]);
    const scope = effectScope();
    const marks = scope.run(useKeptMarks) as ReturnType<typeof useKeptMarks>;
    await marks.follow(['one']);
    await marks.follow(['two']);
    expect([...marks.byCheck.keys()]).toEqual(['two']);
    scope.stop();
    expect(marks.byCheck.size).toBe(0);
  });
});
