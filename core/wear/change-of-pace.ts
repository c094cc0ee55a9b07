import { robustLine, spreadOf, type WearPoint } from './robust-line';
import type { WearPrior } from './forecast';

/** Something happened to how a part wears: it lost much at once, or wears faster from some reading on. */
export interface ChangeOfPace {
  /** How many readings lie before it. */
  readonly before: number;
  /** How many standard deviations it is from what the readings before it led to expect. */
  readonly deviations: number;
}

/** So many readings have to lie on either side of it. */
const EACH_SIDE = 2;
/** From so many standard deviations on it is said: about one in fifty series that wear as before comes so far by chance. */
const SAID_FROM = 2.8;

/** The rate before: its own line, drawn towards the fleet's rate while there are few readings. */
function rateBefore(
  points: readonly WearPoint[],
  noise: number,
  prior: WearPrior,
): { readonly rate: number; readonly variance: number } {
  const spread = spreadOf(points);
  const own = robustLine(points);
  if (!own || spread === 0) return { rate: prior.rate, variance: prior.spread ** 2 };
  const [a, b] = [spread / noise ** 2, 1 / prior.spread ** 2];
  return { rate: (own.rate * a + prior.rate * b) / (a + b), variance: 1 / (a + b) };
}

/** How far the readings from `split` on lie over what those before it lead to expect, in standard deviations. */
function deviationsAt(points: readonly WearPoint[], split: number, noise: number, prior: WearPrior): number {
  const [before, after] = [points.slice(0, split), points.slice(split)];
  const { rate, variance } = rateBefore(before, noise, prior);
  const mean = (of: readonly WearPoint[], value: (point: WearPoint) => number): number =>
    of.reduce((sum, point) => sum + value(point), 0) / of.length;
  const level = mean(before, (point) => point.value - rate * point.usage);
  const over = mean(after, (point) => point.value - rate * point.usage) - level;
  // One misread figure among those after it is no change: each of them lies over what was expected.
  // The same either way: no reading lies over it by exactly its noise.
  if (after.some((point) => point.value - rate * point.usage - level < noise)) return 0;
  const apart = mean(after, (point) => point.usage) - mean(before, (point) => point.usage);
  return (
    over /
    Math.sqrt(
      noise ** 2 * (1 / before.length + 1 / after.length) +
        (variance + (prior.changes * rate) ** 2) * apart ** 2,
    )
  );
}

/** How much readings scatter about a line of their own on either side, the fleet's noise weighing as two of them: what lies between the sides is not noise. */
function scatterAt(points: readonly WearPoint[], split: number, prior: WearPrior): number {
  const sides = [points.slice(0, split), points.slice(split)].map((side) => {
    // The same either way: two readings lie on their line.
    const line = side.length > 2 ? robustLine(side) : null;
    return line
      ? {
          squares: side.reduce(
            (sum, point) => sum + (point.value - line.start - line.rate * point.usage) ** 2,
            0,
          ),
          freedom: side.length - 2,
        }
      : { squares: 0, freedom: 0 };
  });
  const [squares, freedom] = [
    sides.reduce((sum, side) => sum + side.squares, 0),
    sides.reduce((sum, side) => sum + side.freedom, 0),
  ];
  return Math.sqrt((squares + 2 * prior.noise ** 2) / (freedom + 2));
}

/**
 * Where a part began to wear faster than its readings before led to expect (a jump, or a faster rate), or null. Readings in order of usage, larger is more worn. It is said once two
 * readings lie on either side; of several places the clearest.
 */
export function changeOfPace(points: readonly WearPoint[], prior: WearPrior): ChangeOfPace | null {
  const found = points.flatMap((_, split): ChangeOfPace[] => {
    if (split < EACH_SIDE || points.length - split < EACH_SIDE) return [];
    const deviations = deviationsAt(points, split, scatterAt(points, split, prior), prior);
    // The same either way: no sum of squares comes to exactly that.
    return deviations >= SAID_FROM ? [{ before: split, deviations }] : [];
  });
  // The same either way: of two as clear, either.
  return found.reduce<ChangeOfPace | null>(
    (best, each) => (best && best.deviations >= each.deviations ? best : each),
    null,
  );
}
