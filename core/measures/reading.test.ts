import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MEASURES, readReading, type Measure } from '.';

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
