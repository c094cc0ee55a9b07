import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MEASURES, pressureVerdict, readReading, tyreWindow, type Measure } from '.';

describe('a reading as typed', () => {
  it.each([
    ['tyre-window', '2,4', 240],
    ['tyre-window', '35 psi', 241.316],
    ['tyre-window', '310 kPa', 310],
    ['tyre-window', '3 bar', 300],
    ['disc-pad', '1.5mm', 1.5],
    ['battery', '62 %', 0.62],
    ['battery', '62', 0.62],
  ] as const)('%s “%s” is %d', (measure, typed, value) => {
    const read = readReading(measure, typed);
    expect(read).toMatchObject({ state: 'read', unlikely: false });
    expect(read.state === 'read' && read.value).toBeCloseTo(value, 2);
  });
  it.each([
    ['tyre-window', '35', { state: 'out-of-range', least: 0, most: 1100, likely: 'psi' }],
    ['tyre-window', '9,5', { state: 'read', value: 950, unlikely: true }],
    ['tyre-window', '0.2', { state: 'read', value: 20, unlikely: true }],
    ['tyre-window', '-1', { state: 'out-of-range' }],
    ['tyre-window', '3 psi', { state: 'read', unlikely: true, likely: 'bar' }],
    ['disc-pad', '15', { state: 'out-of-range', most: 10 }],
    ['disc-pad', 'thin', { state: 'not-a-number' }],
    ['chain', '0.5', { state: 'not-a-number' }],
  ] as const)('%s “%s” is told apart', (measure, typed, wanted) => expect(readReading(measure, typed)).toMatchObject(wanted));

  it('is never NaN, whatever is typed', () => {
    fc.assert(
      fc.property(fc.constantFrom(...(Object.keys(MEASURES) as Measure[])), fc.string(), (measure, typed) => {
        const read = readReading(measure, typed);
        expect(read.state !== 'read' || Number.isFinite(read.value)).toBe(true);
      }),
    );
  });
});

describe('the window of a tyre', () => {
  it('goes from the sidewall minimum to the least maximum', () =>
    expect(tyreWindow({ sidewallMin: 210, sidewallMax: 450, rimMax: 380 })).toEqual({ floor: 210, ceiling: 380 }));
  it('is bounded by a rim without hooks', () => expect(tyreWindow({ sidewallMax: 620, hookless: true }).ceiling).toBe(500));
  const window = { floor: 210, ceiling: 380 };
  it.each([
    [300, 'inside'],
    [210, 'low'],
    [150, 'low'],
    [380, 'high'],
    [500, 'high'],
    [5, 'empty'],
    [Number.NaN, 'unknown'],
    [-3, 'unknown'],
  ] as const)('%d kPa in 210 to 380 is %s', (kpa, verdict) => expect(pressureVerdict(kpa, window)).toBe(verdict));
  it('says nothing where nothing is marked', () => {
    expect(pressureVerdict(300, tyreWindow({}))).toBe('unknown');
    expect(pressureVerdict(300, tyreWindow({ sidewallMax: 450 }))).toBe('unknown');
    expect(pressureVerdict(500, tyreWindow({ sidewallMax: 450 }))).toBe('high');
  });
  it('never calls what is farther outside better', () => {
    const worth = { inside: 0, low: 1, high: 1, empty: 2, unknown: 3 };
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1200, noNaN: true }), fc.double({ min: 0, max: 600, noNaN: true }), (kpa, by) => {
        if (kpa <= 210) expect(worth[pressureVerdict(Math.max(0, kpa - by), window)]).toBeGreaterThanOrEqual(worth[pressureVerdict(kpa, window)]);
        if (kpa >= 380) expect(worth[pressureVerdict(kpa + by, window)]).toBeGreaterThanOrEqual(worth[pressureVerdict(kpa, window)]);
      }),
    );
  });
});
