import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bareUnitOf,
  MEASURES,
  METHODS,
  readReading,
  takesOneReading,
  takesReading,
  valuesOf,
  type Measure,
} from '.';

describe('a reading as typed', () => {
  it.each([
    ['tyre-window', '2,4', [240], undefined],
    ['tyre-window', '35 psi', [241.316505], undefined],
    ['tyre-window', '310 kPa', [310], undefined],
    ['tyre-window', ' 3 bar ', [300], undefined],
    ['pressure', '120 psi', [827.370875], undefined],
    ['disc-pad', '1.5mm', [1.5], undefined],
    ['disc-pad', '1,5 2', [1.5, 2], undefined],
    ['disc-pad', '3.4 total', [3.4], 'total'],
    ['disc-pad', '3.4 mm total', [3.4], 'total'],
    ['rotor', '1.62 1.58 1.56', [1.62, 1.58, 1.56], undefined],
    ['rotor', '1,62; 1,58; 1,56 mm', [1.62, 1.58, 1.56], undefined],
    ['run-out', '0.8 1.1', [0.8, 1.1], undefined],
    ['run-out', '0.04 in', [1.016], undefined],
    ['spokes', '98 102 100 97', [98, 102, 100, 97], undefined],
    ['spokes', '380 390 375 400 Hz', [380, 390, 375, 400], 'pitch'],
    ['hanger', '10 12 11 13', [10, 12, 11, 13], undefined],
    ['hanger', '2', [2], undefined],
    ['chain', '0.5', [0.005], 'gauge'],
    ['chain', '0,75 %', [0.0075], 'gauge'],
    ['chain', '0.5-0.75', [0.005], 'gauge'],
    ['chain', '0.5 to 0.75 %', [0.005], 'gauge'],
    ['chain', '<0.25', [0], 'gauge'],
    ['chain', '1/16', [1 / 192], 'ruler'],
    ['chain', '12 1/16', [1 / 192], 'ruler'],
    ['chain', '12 1/16 in', [1 / 192], 'ruler'],
    ['chain', '3/32', [1.5 / 192], 'ruler'],
    ['chain', '612.6/24', [0.00492126], 'length'],
    ['chain', '612,6 mm over 24 links', [0.00492126], 'length'],
    ['sag', '34/160', [0.2125], undefined],
    ['sag', '34 of 160 mm', [0.2125], undefined],
    ['sag', '21 %', [0.21], undefined],
    ['lever-travel', '22/40', [0.55], undefined],
    ['lever-travel', '55', [0.55], undefined],
    ['battery', '62 %', [0.62], undefined],
    ['battery', '350/500 Wh', [0.7], undefined],
    ['chain-slack', '12', [12], undefined],
    ['rim-track', '.3', [0.3], undefined],
  ] as const)('%s “%s” is %o', (measure, typed, values, method) => {
    const read = readReading(measure, typed);
    expect(read).toMatchObject({ state: 'read', unlikely: false });
    if (read.state !== 'read') return;
    expect(read.taken.values.map((value) => Math.round(value * 1e5) / 1e5)).toEqual(
      values.map((value) => Math.round(value * 1e5) / 1e5),
    );
    expect(read.taken.method).toBe(method);
  });
  it.each([
    ['tyre-window', '35', { state: 'out-of-range', least: 0, most: 1100, likely: 'psi' }],
    ['tyre-window', '9,5', { state: 'read', taken: { values: [950] }, unlikely: true }],
    ['tyre-window', '0.2', { state: 'read', taken: { values: [20] }, unlikely: true }],
    ['tyre-window', '-1', { state: 'out-of-range' }],
    ['tyre-window', '3 psi', { state: 'read', unlikely: true, likely: 'bar' }],
    ['disc-pad', '15', { state: 'out-of-range', most: 10 }],
    ['disc-pad', 'thin', { state: 'not-a-number' }],
    ['disc-pad', '1 2 3', { state: 'how-many', few: 1, many: 2 }],
    ['rotor', '1.6 1.6', { state: 'how-many', few: 3 }],
    ['rotor', '1.6 1.6 0.2', { state: 'out-of-range', least: 0.5, most: 4, unit: 'mm' }],
    ['rotor', '1.6 thick 1.6', { state: 'how-many' }],
    ['chain', '24/612.6', { state: 'out-of-range', unit: 'links' }],
    ['chain', '700/24', { state: 'out-of-range', unit: 'mm' }],
    ['chain', '612.6/8', { state: 'out-of-range', least: 10, unit: 'links' }],
    ['chain', '6', { state: 'out-of-range' }],
    ['chain', '0.75-0.5', { state: 'not-a-number' }],
    ['chain', '3', { state: 'read', unlikely: false, taken: { values: [0.01] } }],
    ['chain', '0.5-0.5', { state: 'not-a-number' }],
    ['tyre-window', '0.5', { state: 'read', unlikely: false }],
    ['tyre-window', '8', { state: 'read', unlikely: false }],
    ['tyre-window', '0', { state: 'read', unlikely: true }],
    ['tyre-window', '11', { state: 'read', unlikely: true }],
    ['sag', '170/160', { state: 'out-of-range', most: 1 }],
    ['sag', '34/0', { state: 'not-a-number' }],
    ['lever-travel', '2', { state: 'read', unlikely: true }],
    ['battery', '104', { state: 'out-of-range' }],
    ['torque', '5', { state: 'not-a-number' }],
    ['rotor', '', { state: 'not-a-number' }],
  ] as const)('%s “%s” is told apart', (measure, typed, wanted) =>
    expect(readReading(measure, typed)).toMatchObject(wanted),
  );
  it('is taken the way that was chosen, unless the text says another', () => {
    const method = (typed: string) => {
      const read = readReading('disc-pad', typed, 'compound');
      return read.state === 'read' ? read.taken.method : null;
    };
    expect([method('3.4'), method('3.4 total')]).toEqual(['compound', 'total']);
  });
  it('knows how many values it takes, and its unit', () => {
    const every = Object.keys(MEASURES) as Measure[];
    for (const measure of every.filter(takesReading)) {
      const { few, many } = valuesOf(measure);
      expect(few >= 1 && many >= few, measure).toBe(true);
      expect(takesOneReading(measure)).toBe(few === 1);
    }
    expect(every.filter((measure) => !takesReading(measure))).toEqual(['torque', 'interval']);
    expect([
      bareUnitOf('tyre-window'),
      bareUnitOf('chain'),
      bareUnitOf('rotor'),
      bareUnitOf('spokes'),
    ]).toEqual(['bar', '%', 'mm', '']);
    expect(Object.keys(METHODS).every(takesReading)).toBe(true);
  });
  it('is never NaN, whatever is typed', () => {
    const text = fc.oneof(fc.string(), fc.stringMatching(/^[0-9 .,/%-]{1,12}$/));
    fc.assert(
      fc.property(fc.constantFrom(...(Object.keys(MEASURES) as Measure[])), text, (measure, typed) => {
        const read = readReading(measure, typed);
        expect(read.state !== 'read' || read.taken.values.every(Number.isFinite)).toBe(true);
      }),
    );
  });
});
