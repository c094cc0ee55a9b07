import { isHealed } from '@cadre/core/measures';
import type { SeriesPoint, WearSeries } from './series';

/** Two readings of one part of which the later is better than wear allows. */
export interface Healed {
  readonly series: Pick<WearSeries, 'measure' | 'position' | 'partName'>;
  readonly before: SeriesPoint;
  readonly after: SeriesPoint;
}

/**
 * Where wear seems to have healed with no part renewed: kept, and shown to the lead as a pattern. What was said to be only measured better is among
 * them, with that word; what was said to be renewed starts a series of its own and is not. Source: judging rule 10.
 */
export function healedIn(series: readonly WearSeries[], since: number): readonly Healed[] {
  return series.flatMap(({ measure, position, partName, points }) =>
    points.flatMap((after, index): Healed[] => {
      const before = points[index - 1];
      if (!before || after.at < since || after.better === 'renewed') return [];
      return isHealed(measure, [before.value], [after.value])
        ? [{ series: { measure, position, partName }, before, after }]
        : [];
    }),
  );
}
