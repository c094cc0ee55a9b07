import { middle, robustLine, type WearPoint } from './robust-line';
import type { WearPrior } from './forecast';

/** So few lines of its own say little of a fleet: it is drawn towards what is usual. */
const FEW = 4;

/**
 * What a fleet's own series say of parts like this: the middle of their rates, how they spread, how far readings lie off their
 * lines. `usual` is what is known before there is a fleet, and weighs as four series. Series with no line of their own say nothing.
 */
export function fleetPrior(series: readonly (readonly WearPoint[])[], worse: 'more' | 'less', usual: WearPrior): WearPrior {
  const sign = worse === 'more' ? 1 : -1;
  const lines = series.flatMap((points) => {
    const line = points.length >= 3 ? robustLine(points) : null;
    return line && sign * line.rate > 0 ? [{ points, line }] : [];
  });
  if (lines.length === 0) return usual;
  const rates = lines.map(({ line }) => Math.abs(line.rate));
  const centre = middle(rates);
  const spread = 1.4826 * middle(rates.map((rate) => Math.abs(rate - centre)));
  const noise =
    1.4826 * middle(lines.flatMap(({ points, line }) => points.map((point) => Math.abs(point.value - line.start - line.rate * point.usage))));
  const mixed = (own: number, known: number): number => (own * lines.length + known * FEW) / (lines.length + FEW);
  return { rate: mixed(centre, usual.rate), spread: mixed(spread, usual.spread), noise: mixed(noise, usual.noise) };
}
