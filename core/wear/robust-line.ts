/** A reading against usage since the part was fitted. */
export interface WearPoint {
  readonly usage: number;
  readonly value: number;
}

export function middle(values: readonly number[]): number {
  const inOrder = [...values].sort((a, b) => a - b);
  const half = Math.floor(inOrder.length / 2);
  const upper = inOrder[half] ?? 0;
  return inOrder.length % 2 === 1 ? upper : ((inOrder[half - 1] ?? 0) + upper) / 2;
}

/** Nearer than this two readings were taken at one usage: a slope between them is nothing but their noise. */
const SAME_USAGE = 1e-3;

/**
 * The robust line through points (Theil-Sen): the middle of all slopes between pairs, and the middle of what is left of each value. One
 * misread figure in four does not move it. Null when no two points differ in usage.
 */
export function robustLine(
  points: readonly WearPoint[],
): { readonly rate: number; readonly start: number } | null {
  const slopes: number[] = [];
  // The same either way: past the last there is none.
  for (let a = 0; a < points.length; a += 1)
    for (let b = a + 1; b < points.length; b += 1) {
      const [one, two] = [points[a], points[b]];
      if (one && two && Math.abs(two.usage - one.usage) > SAME_USAGE)
        slopes.push((two.value - one.value) / (two.usage - one.usage));
    }
  if (slopes.length === 0) return null;
  const rate = middle(slopes);
  return { rate, start: middle(points.map((point) => point.value - rate * point.usage)) };
}

/** How far the usages lie apart: the sum of squares about their mean. The surer a slope through them, the larger it is. */
export function spreadOf(points: readonly WearPoint[]): number {
  const mean = points.reduce((sum, point) => sum + point.usage, 0) / points.length;
  return points.reduce((sum, point) => sum + (point.usage - mean) ** 2, 0);
}
