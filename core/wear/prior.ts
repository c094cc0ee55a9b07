import { changesOf } from './changes';
import { middle, robustLine, type WearPoint } from './robust-line';
import type { WearPrior } from './forecast';

/** So few lines of its own say little of a fleet: it is drawn towards what is usual. */
const FEW = 4;

/** How far each reading lies off the line between its neighbours, as one reading's noise would have it: a pace that changes is no noise. */
function betweenNeighbours(points: readonly WearPoint[]): readonly number[] {
  const inOrder = [...points].sort((a, b) => a.usage - b.usage);
  return inOrder.slice(1, -1).flatMap((point, at) => {
    const [one, two] = [inOrder[at], inOrder[at + 2]];
    if (!one || !two || two.usage === one.usage) return [];
    const share = (point.usage - one.usage) / (two.usage - one.usage);
    const expected = one.value + share * (two.value - one.value);
    return [Math.abs(point.value - expected) / Math.sqrt(1 + share ** 2 + (1 - share) ** 2)];
  });
}

/**
 * What a fleet's own series say of parts like this: the middle of their rates, how they spread, how far readings lie off their
 * lines, how much a pace changes over a life. `usual` is what is known before there is a fleet, and weighs as four series. Series with no line of their own say nothing.
 */
export function fleetPrior(
  series: readonly (readonly WearPoint[])[],
  worse: 'more' | 'less',
  usual: WearPrior,
): WearPrior {
  const sign = worse === 'more' ? 1 : -1;
  const lines = series.flatMap((points) => {
    const line = points.length >= 3 ? robustLine(points) : null;
    return line && sign * line.rate > 0 ? [{ points, line }] : [];
  });
  if (lines.length === 0) return usual;
  const rates = lines.map(({ line }) => Math.abs(line.rate));
  const centre = middle(rates);
  const spread = 1.4826 * middle(rates.map((rate) => Math.abs(rate - centre)));
  const noise = 1.4826 * middle(lines.flatMap(({ points }) => betweenNeighbours(points)));
  const ownChanges = changesOf(
    lines.map(({ points }) => points),
    noise,
  );
  const mixed = (own: number, known: number): number =>
    (own * lines.length + known * FEW) / (lines.length + FEW);
  return {
    rate: mixed(centre, usual.rate),
    spread: mixed(spread, usual.spread),
    noise: mixed(noise, usual.noise),
    changes:
      ownChanges === null
        ? usual.changes
        : Math.sqrt((ownChanges ** 2 * lines.length + usual.changes ** 2) / (lines.length + 1)),
  };
}
