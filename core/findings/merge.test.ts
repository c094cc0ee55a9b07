import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SEVERITIES } from '@cadre/core/catalogue';
import { findingLike, NOON } from '@cadre/test-world/core';
import { isStopNow, mergeFindings } from './index';

const cut = findingLike({
  id: 'a',
  checkpoint: 'tyre-casing',
  fault: 'small-cut',
  severity: 'watch',
  floor: 'watch',
});
const worn = findingLike({
  ...cut,
  id: 'b',
  fault: 'worn',
  severity: 'soon',
  floor: 'soon',
  limit: { until: NOON + 9, outings: 4 },
  outingsUsed: 2,
});

describe('merging findings', () => {
  it('keeps the worse severity, the earlier beginning, the tighter limit and every word of note', () => {
    const kept = {
      ...cut,
      openedAt: NOON - 5,
      openedBy: 'pia',
      words: { ...cut.words, note: 'by the valve' },
    };
    const other = { ...worn, words: { ...worn.words, note: 'threads show', toMechanic: true } };
    const merged = mergeFindings(kept, other);
    expect(merged).toMatchObject({
      ok: true,
      value: {
        kept: {
          id: 'a',
          severity: 'soon',
          floor: 'soon',
          openedAt: NOON - 5,
          openedBy: 'pia',
          timesSeen: 2,
          outingsUsed: 2,
          limit: { outings: 4 },
        },
        closed: { id: 'b', state: 'closed' },
      },
    });
    expect(merged.ok && merged.value.kept.words).toMatchObject({
      note: 'by the valve · threads show',
      toMechanic: true,
    });
  });

  it.each([
    ['kept', -1, 'pia'],
    ['the other', 1, 'sunny'],
    ['neither', 0, 'pia'],
  ])('is opened by whoever saw it first: %s is the older', (_which, later, by) => {
    const merged = mergeFindings(
      { ...cut, openedAt: NOON + later, openedBy: 'pia' },
      { ...worn, openedAt: NOON, openedBy: 'sunny' },
    );
    expect(merged).toMatchObject({
      ok: true,
      value: { kept: { openedAt: Math.min(NOON, NOON + later), openedBy: by } },
    });
  });

  it('refuses another look, itself, and what is in work', () => {
    expect(mergeFindings(cut, { ...worn, position: 'rear' })).toMatchObject({
      refusal: { code: 'merge.other-look' },
    });
    expect(mergeFindings(cut, { ...worn, checkpoint: 'rim' })).toMatchObject({
      refusal: { code: 'merge.other-look' },
    });
    expect(mergeFindings(cut, cut)).toMatchObject({ refusal: { code: 'merge.same' } });
    expect(mergeFindings({ ...cut, state: 'repaired' }, worn)).toMatchObject({
      refusal: { code: 'repair.finding-in-work' },
    });
  });

  it('keeps the fewest outings left of either, and takes nobody’s outings off the other’s limit', () => {
    const fresh = { ...worn, id: 'c', limit: { until: NOON + 20, outings: 3 }, outingsUsed: 0 };
    const used = { ...worn, limit: { until: NOON + 9, outings: 10 }, outingsUsed: 6 };
    const merged = mergeFindings(used, fresh);
    expect(merged).toMatchObject({
      ok: true,
      value: { kept: { limit: { until: NOON + 9, outings: 9 }, outingsUsed: 6 } },
    });
    expect(merged.ok && isStopNow(merged.value.kept, NOON)).toBe(false);
  });

  it('makes no stop of two soons that both may still ride', () => {
    const soon = fc
      .record({
        outings: fc.integer({ min: 1, max: 12 }),
        used: fc.nat(11),
        until: fc.integer({ min: NOON + 1, max: NOON + 9 }),
      })
      .filter(({ outings, used }) => used < outings);
    fc.assert(
      fc.property(soon, soon, (a, b) => {
        const of = (id: string, drawn: typeof a) => ({
          ...worn,
          id,
          limit: { until: drawn.until, outings: drawn.outings },
          outingsUsed: drawn.used,
        });
        const merged = mergeFindings(of('a', a), of('b', b));
        if (!merged.ok) throw new Error('refused');
        const { limit, outingsUsed } = merged.value.kept;
        expect((limit?.outings ?? 0) - outingsUsed).toBe(Math.min(a.outings - a.used, b.outings - b.used));
        expect(isStopNow(merged.value.kept, NOON)).toBe(false);
      }),
    );
  });

  it('keeps what both need done, once', () => {
    const merged = mergeFindings(
      { ...cut, work: ['tyre-off'] },
      { ...worn, work: ['tyre-off', 'wheel-trued'] },
    );
    expect(merged.ok && merged.value.kept.work).toEqual(['tyre-off', 'wheel-trued']);
  });

  it('never lightens: what either stops at a time, the one kept stops', () => {
    const severity = fc.constantFrom(...SEVERITIES);
    const limit = fc.record({
      until: fc.integer({ min: NOON - 10, max: NOON + 10 }),
      outings: fc.integer({ min: 1, max: 9 }),
    });
    const one = fc.record({ severity, limit, outingsUsed: fc.integer({ min: 0, max: 9 }) }).map((drawn) => ({
      ...drawn,
      limit: drawn.severity === 'soon' ? drawn.limit : null,
    }));
    fc.assert(
      fc.property(one, one, (a, b) => {
        const merged = mergeFindings({ ...cut, ...a }, { ...worn, ...b });
        if (!merged.ok) throw new Error('refused');
        for (const each of [a, b])
          if (isStopNow(each, NOON)) expect(isStopNow(merged.value.kept, NOON)).toBe(true);
        expect(SEVERITIES.indexOf(merged.value.kept.severity)).toBe(
          Math.min(SEVERITIES.indexOf(a.severity), SEVERITIES.indexOf(b.severity)),
        );
      }),
    );
  });
});
