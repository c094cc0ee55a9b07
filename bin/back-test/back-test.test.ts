import { describe, expect, it } from 'vitest';
import { backTest, backTestCell, CHANGES, pooled, saidOf, SHAPES } from './back-test';

describe('the wear forecast, on made-up series with known truth', () => {
  const cells = backTest(240, 20260610);
  it.each(cells.map((cell) => [cell.shape, cell.readings.join(','), cell] as const))(
    '%s with %s readings is held by its interval',
    (_shape, _readings, cell) => {
      // A cell of 240 series is itself uncertain by some 2.7 points; the command tries a thousand.
      expect(cell.covered).toBeGreaterThan(0.68);
      expect(cell.covered).toBeLessThan(0.93);
    },
  );
  it('is held four times in five over all of them, and for every shape from five readings on', () => {
    expect(pooled(cells)).toBeGreaterThan(0.75);
    expect(pooled(cells)).toBeLessThan(0.85);
    for (const shape of SHAPES) {
      const many = pooled(cells.filter((cell) => cell.shape === shape && cell.readings.length > 1));
      expect(many, shape).toBeGreaterThan(0.7);
      expect(many, shape).toBeLessThan(0.9);
    }
  });
  it('tells the same for the same seed, and is less sure by a fleet that knows wrong by half', () => {
    expect(backTestCell('steady', [3], 40, 5)).toEqual(backTestCell('steady', [3], 40, 5));
    const [right, wrong] = [
      backTestCell('steady', [2], 200, 5),
      backTestCell('steady', [2], 200, 5, { rate: 0.5 }),
    ];
    expect(wrong.width).toBeGreaterThan(right.width);
  });
});

describe('a change of pace, two readings after it', () => {
  it.each(SHAPES)(
    'is said of %s series that jumped or wear thrice as fast, and hardly ever of others',
    (shape) => {
      const [none, jump, faster] = CHANGES.map((change, row) => saidOf(change, shape, 200, 20260610 + row));
      expect(none).toBeLessThanOrEqual(0.05);
      expect(jump).toBeGreaterThan(0.9);
      expect(faster).toBeGreaterThan(0.35);
    },
  );
});
