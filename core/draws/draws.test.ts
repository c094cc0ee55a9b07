import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normalsOf, streamOf } from './index';

const drawn = (from: () => number, count: number): number[] => Array.from({ length: count }, from);
const meanOf = (numbers: readonly number[]): number =>
  numbers.reduce((sum, each) => sum + each, 0) / numbers.length;

describe('draws', () => {
  it('are the same for a seed, others for another, and never 0 or 1', () => {
    fc.assert(
      fc.property(fc.nat(), (seed) => {
        const numbers = drawn(streamOf(seed), 50);
        expect(numbers).toEqual(drawn(streamOf(seed), 50));
        expect(numbers).not.toEqual(drawn(streamOf(seed + 1), 50));
        expect(numbers.every((each) => each > 0 && each < 1)).toBe(true);
      }),
    );
  });

  it('spread as they should: even ones about a half, normal ones about 0 with a deviation of 1', () => {
    expect(meanOf(drawn(streamOf(7), 20_000))).toBeCloseTo(0.5, 1);
    const normals = drawn(normalsOf(streamOf(7)), 20_000);
    expect(meanOf(normals)).toBeCloseTo(0, 1);
    expect(meanOf(normals.map((each) => each ** 2))).toBeCloseTo(1, 1);
  });
});
