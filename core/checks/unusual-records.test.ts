import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { resolveMarks, isHasty, lastLooks, overlay, sameDigits, type Mark, type NotedReading } from '.';

const mark = (more: Partial<Mark> = {}): Mark => ({
  id: 'm',
  checkpoint: 'bars',
  position: 'only',
  outcome: 'pass',
  way: 'station',
  faults: [],
  note: '',
  author: 'ann',
  writerId: 'd',
  counter: 0,
  at: 0,
  ...more,
});
const many = (count: number, spacing: number, way: Mark['way'] = 'station'): Mark[] =>
  Array.from({ length: count }, (_, index) =>
    mark({ id: String(index), checkpoint: `c${index}`, at: index * spacing, way }),
  );

describe('haste', () => {
  it('is 34 looks in 20 seconds', () => expect(isHasty(many(34, 588), 34, 0.6)).toBe(true));
  it('is not the same in a minute', () => expect(isHasty(many(34, 1800), 34, 0.6)).toBe(false));
  it('is not said of what was keyed in from paper', () =>
    expect(isHasty(many(34, 10, 'paper'), 34, 0.6)).toBe(false));
  it('is not said of a short checklist', () => expect(isHasty(many(4, 10), 4, 0.6)).toBe(false));
  it('is not said of a check nobody marked', () => expect(isHasty([], 34, 0.6)).toBe(false));
});

describe('the same digits', () => {
  const reading = (bike: number, typed: string, more: Partial<NotedReading> = {}): NotedReading => ({
    author: 'ann',
    measure: 'tyre-window',
    position: 'front',
    typed,
    bikeId: `b${bike}`,
    at: bike,
    ...more,
  });
  it('on five bikes running are told', () => {
    const found = sameDigits([1, 2, 3, 4, 5].map((bike) => reading(bike, bike === 3 ? '2,4' : '2.4')));
    expect(found).toEqual([
      {
        author: 'ann',
        measure: 'tyre-window',
        typed: '2.4',
        bikeIds: ['b1', 'b2', 'b3', 'b4', 'b5'],
        from: 1,
        until: 5,
      },
    ]);
  });
  it('on four are not', () =>
    expect(sameDigits([1, 2, 3, 4].map((bike) => reading(bike, '2.4')))).toEqual([]));
  it('with another between are not', () =>
    expect(sameDigits([1, 2, 3, 4, 5].map((bike) => reading(bike, bike === 3 ? '2.5' : '2.4')))).toEqual([]));
  it('on one bike again and again are not', () =>
    expect(sameDigits([1, 2, 3, 4, 5].map((at) => reading(1, '2.4', { at })))).toEqual([]));
  it('of two people are not', () =>
    expect(
      sameDigits([1, 2, 3, 4, 5].map((bike) => reading(bike, '2.4', { author: bike > 3 ? 'bo' : 'ann' }))),
    ).toEqual([]));
});

describe('the last look at each question', () => {
  it('is the newest signed one, whatever order they come in', () => {
    const old = {
      signedAt: 1,
      marks: [mark({ outcome: 'watch', at: 1 }), mark({ checkpoint: 'grips', at: 1 })],
    };
    const fresh = {
      signedAt: 5,
      marks: [mark({ at: 5, author: 'bo' }), mark({ checkpoint: 'grips', outcome: 'skipped', at: 5 })],
    };
    for (const checks of [
      [old, fresh],
      [fresh, old],
    ])
      expect(lastLooks(checks).map((look) => [look.key, look.outcome, look.by, look.at])).toEqual([
        ['bars@only', 'pass', 'bo', 5],
        ['grips@only', 'pass', 'ann', 1],
      ]);
  });
});

describe('an amendment', () => {
  it('counts where it speaks, and nowhere else', () => {
    fc.assert(
      fc.property(fc.subarray(['a', 'b', 'c', 'd']), fc.subarray(['a', 'b', 'c', 'd']), (signed, amended) => {
        const before = resolveMarks(signed.map((checkpoint) => mark({ id: checkpoint, checkpoint })));
        const after = resolveMarks(
          amended.map((checkpoint) => mark({ id: checkpoint, checkpoint, outcome: 'fail' })),
        );
        const whole = overlay(before, after);
        expect([...whole.keys()].sort()).toEqual([...new Set([...before.keys(), ...after.keys()])].sort());
        for (const [key, standing] of whole) expect(standing.outcome).toBe(after.has(key) ? 'fail' : 'pass');
      }),
    );
  });
});
