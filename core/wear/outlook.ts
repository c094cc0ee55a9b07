import { DAY_MS } from '@cadre/core/time';
import { forecastWear, type WearForecast, type WearPrior } from './forecast';
import type { WearSeries } from './series';
import { worseWay } from './usual';

export interface Span3 {
  readonly least: number;
  readonly likely: number;
  readonly most: number;
}

/** What becomes of a part: from now, not from its last reading. */
export interface Outlook {
  readonly forecast: WearForecast;
  /** Where the limit is reached, in usage since fitting. */
  readonly reachedAt: Span3;
  /** Usage left from now. */
  readonly left: Span3;
  /** When that is at the pace of late, milliseconds since the epoch; null where it stands still. */
  readonly when: Span3 | null;
  /** How sure: its own line, some of both, or nothing but what is usual. */
  readonly sure: 'well' | 'fairly' | 'little';
}

/** Past this a date says nothing any more. */
const FARTHEST_DAYS = 3650;

const spanOf = (
  make: (value: number) => number,
  { least, left, most }: Pick<WearForecast, 'least' | 'left' | 'most'>,
): Span3 => ({
  least: make(least),
  likely: make(left),
  most: make(most),
});

/** Few readings, or some that the fleet's rate does not go with, make little sure; a line of its own of five and more makes it well. */
function sureOf({ basis, readings, isAtOdds }: WearForecast): Outlook['sure'] {
  if (basis === 'own') return readings >= 5 ? 'well' : 'fairly';
  return basis === 'fleet' || isAtOdds ? 'little' : 'fairly';
}

/** The outlook of a series towards its limit; null where no limit is known or nothing was read. */
export function outlookOf(
  series: Pick<WearSeries, 'measure' | 'points' | 'usageNow' | 'perDay'> & {
    readonly limit: { readonly value: number } | null;
    readonly prior: WearPrior;
  },
  now: number,
): Outlook | null {
  if (!series.limit) return null;
  const answer = forecastWear(series.points, series.limit.value, worseWay(series.measure), series.prior);
  if (!answer.ok) return null;
  const forecast = answer.value;
  const last = Math.max(...series.points.map((point) => point.usage));
  const since = Math.max(0, series.usageNow - last);
  const left = spanOf((value) => Math.max(0, value - since), forecast);
  const date = (value: number): number => now + Math.min(value / series.perDay, FARTHEST_DAYS) * DAY_MS;
  return {
    forecast,
    reachedAt: spanOf((value) => last + value, forecast),
    left,
    when:
      series.perDay > 0
        ? { least: date(left.least), likely: date(left.likely), most: date(left.most) }
        : null,
    sure: sureOf(forecast),
  };
}
