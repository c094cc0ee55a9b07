import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { questionKey, asBuilt, questionsOf } from '@cadre/core/catalogue';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { resolveMarks, MARK_OUTCOMES, progressOf, type Mark } from './index';

const mark = (more: Partial<Mark> & { id: string }): Mark => ({
  checkpoint: 'spokes',
  position: 'front',
  outcome: 'pass',
  way: 'single',
  faults: [],
  note: '',
  author: 'ann',
  writerId: 'd',
  counter: 1,
  at: 1,
  ...more,
});
const outcome = (...marks: Mark[]): string | undefined => resolveMarks(marks).get('spokes@front')?.outcome;

const anyMark = fc.record({
  id: fc.uuid(),
  checkpoint: fc.constantFrom('spokes', 'rim'),
  position: fc.constantFrom('front' as const, 'rear' as const),
  outcome: fc.constantFrom(...MARK_OUTCOMES),
  way: fc.constant('single' as const),
  faults: fc.array(fc.record({ fault: fc.constantFrom('broken', 'slack') }), { maxLength: 2 }),
  note: fc.constantFrom('', 'x'),
  author: fc.constantFrom('ann', 'ben', 'cas'),
  writerId: fc.constantFrom('d', 'e'),
  counter: fc.integer({ min: 1, max: 6 }),
  at: fc.integer({ min: 1, max: 6 }),
});

describe('folding marks', () => {
  it('lets the newest of one person stand', () => {
    expect(
      outcome(mark({ id: '1', outcome: 'fail', at: 1 }), mark({ id: '2', outcome: 'pass', at: 2 })),
    ).toBe('pass');
  });

  it('goes by the counter of the browser it was given on, not by any clock', () => {
    const fail = mark({ id: '1', outcome: 'fail', counter: 2, at: 1 });
    expect(outcome(fail, mark({ id: '2', outcome: 'pass', counter: 1, at: 9 }))).toBe('fail');
    expect(outcome(fail, mark({ id: '2', outcome: 'pass', counter: 3, at: 0 }))).toBe('pass');
  });

  it('counts the worse of one person on two browsers, and neither takes back what the other says', () => {
    const fail = mark({ id: '1', outcome: 'fail', writerId: 'd', counter: 1 });
    for (const later of ['pass', 'withdrawn'] as const)
      expect(outcome(fail, mark({ id: '2', outcome: later, writerId: 'e', counter: 9, at: 9 }))).toBe('fail');
  });

  it('takes a withdrawn mark back, and only that person’s', () => {
    expect(
      outcome(mark({ id: '1', outcome: 'fail' }), mark({ id: '2', outcome: 'withdrawn', at: 2 })),
    ).toBeUndefined();
    expect(
      outcome(
        mark({ id: '1', outcome: 'fail' }),
        mark({ id: '2', outcome: 'withdrawn', at: 2, author: 'ben' }),
      ),
    ).toBe('fail');
  });

  it('keeps both of two people and counts the worse, with the faults of both', () => {
    const standing = resolveMarks([
      mark({ id: '1', outcome: 'watch', faults: [{ fault: 'uneven' }] }),
      mark({ id: '2', outcome: 'fail', author: 'ben', faults: [{ fault: 'broken' }] }),
    ]).get('spokes@front');
    expect(standing?.outcome).toBe('fail');
    expect(standing?.marks).toHaveLength(2);
    expect(standing?.faults.map((each) => each.fault)).toEqual(['broken', 'uneven']);
  });

  it('counts somebody’s look over nobody’s', () => {
    expect(
      outcome(mark({ id: '1', outcome: 'skipped' }), mark({ id: '2', outcome: 'pass', author: 'ben' })),
    ).toBe('pass');
  });

  it('does not care in which order marks arrive, nor how often', () => {
    fc.assert(
      fc.property(fc.array(anyMark, { maxLength: 14 }), fc.infiniteStream(fc.nat()), (marks, order) => {
        const shuffled = [...marks, ...marks.slice(0, 3)]
          .map((each) => [order.next().value as number, each] as const)
          .sort((a, b) => a[0] - b[0])
          .map(([, each]) => each);
        expect([...resolveMarks(shuffled)]).toEqual([...resolveMarks(marks)]);
      }),
    );
  });

  it('never makes a question better by one more person’s mark', () => {
    const weight = ['skipped', 'pass', 'fixed', 'watch', 'fail'];
    fc.assert(
      fc.property(fc.array(anyMark, { maxLength: 10 }), anyMark, (marks, added) => {
        const key = questionKey(added);
        const before = resolveMarks(marks).get(key);
        const after = resolveMarks([...marks, { ...added, author: 'newcomer' }]).get(key);
        if (before)
          expect(weight.indexOf(after?.outcome ?? '')).toBeGreaterThanOrEqual(weight.indexOf(before.outcome));
      }),
    );
  });
});

describe('progress', () => {
  const asked = questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD.hardtail));
  const all = (outcome: Mark['outcome']): Mark[] =>
    asked.map((each, index) =>
      mark({ id: String(index), checkpoint: each.checkpoint.key, position: each.position, outcome }),
    );

  it('is whole when all is looked at', () => {
    const progress = progressOf(asked, resolveMarks(all('pass')));
    expect(progress).toMatchObject({
      asked: asked.length,
      looked: asked.length,
      criticalsMissing: [],
      left: [],
      notPassed: [],
    });
  });

  it('misses a critical that was left, or that nobody looked at', () => {
    const [critical] = asked.filter((each) => each.critical);
    const without = all('pass').filter((each) => questionKey(each) !== critical?.key);
    expect(progressOf(asked, resolveMarks(without)).criticalsMissing).toEqual([critical]);
    const unlooked = [
      ...without,
      mark({
        id: 'x',
        checkpoint: critical?.checkpoint.key ?? '',
        position: critical?.position ?? 'only',
        outcome: 'skipped',
      }),
    ];
    expect(progressOf(asked, resolveMarks(unlooked)).criticalsMissing).toEqual([critical]);
    expect(progressOf(asked, resolveMarks(unlooked)).left).toEqual([]);
  });
});

describe('a number read twice by one person', () => {
  const read = (id: string, at: number, value: number, outcome: Mark['outcome'] = 'pass'): Mark =>
    mark({
      id,
      at,
      outcome,
      reading: { measure: 'disc-pad', values: [value], typed: String(value), unit: 'mm' },
    });
  const stands = (...marks: Mark[]) => resolveMarks(marks).get('spokes@front')?.marks[0]?.reading?.values;
  it('stands as it was read last, in whichever order it arrives', () => {
    expect(stands(read('a', 1, 2), read('b', 2, 1))).toEqual([1]);
    expect(stands(read('b', 2, 1), read('a', 1, 2))).toEqual([1]);
    // Saying something else of it later does not unmeasure it, and an older number does not come back.
    expect(stands(read('a', 1, 2), read('b', 2, 1), mark({ id: 'c', at: 3, outcome: 'watch' }))).toEqual([1]);
    expect(
      stands(read('a', 1, 2), mark({ id: 'w', at: 2, outcome: 'withdrawn' }), mark({ id: 'c', at: 3 })),
    ).toBeUndefined();
  });
});
