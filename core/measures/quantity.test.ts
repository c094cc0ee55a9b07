import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readNumber, readQuantity, type Unit } from '.';

describe('a number as typed', () => {
  it.each([
    ['2,4', 2.4],
    [' 1.5 ', 1.5],
    ['.5', 0.5],
    ['1 200', 1200],
    ["1'200", 1200],
    ['-3', -3],
  ])('“%s” is %d', (text, value) => expect(readNumber(text)).toBe(value));
  it.each(['', 'two', '1.2.3', '1,2,3', '1e9', '3 bar', '--2', '.'])('“%s” is none', (text) =>
    expect(readNumber(text)).toBeNull(),
  );
});

describe('a quantity as typed', () => {
  it.each([
    ['3,5 bar', 'kPa', 350],
    ['50 psi', 'kPa', 344.737865],
    ['350', 'kPa', 350],
    ['1.55mm', 'mm', 1.55],
    ['2 in', 'mm', 50.8],
    ['40 in lbf', 'N m', 40 / 8.850746],
    ['5 N m', 'N m', 5],
    ['5N.m', 'N m', 5],
    ['0,5 kWh', 'Wh', 500],
    ['265 lb', 'kg', 120.201978],
  ] as const)('“%s” in %s', (text, unit, value) => expect(readQuantity(text, unit)).toBeCloseTo(value, 5));
  it.each([
    ['hard', 'kPa'],
    ['3 furlongs', 'mm'],
    ['5 psi', 'mm'],
    ['', 'kg'],
  ] as const)('“%s” is no %s', (text, unit) => expect(readQuantity(text, unit)).toBeNull());

  it('is never NaN, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.string(),
        fc.constantFrom<Unit>('mm', 'kPa', 'N m', 'Wh', 'kg', 'ml', 'links'),
        (text, unit) => {
          const value = readQuantity(text, unit);
          expect(value === null || Number.isFinite(value)).toBe(true);
        },
      ),
    );
  });
});
