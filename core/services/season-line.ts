import {
  CLIMATE_FACTORS,
  dayOfYear,
  type Climate,
  type Factors,
  type Season,
  type ServiceRule,
} from '@cadre/core/catalogue';
import { siteTimeOn } from '@cadre/core/schedule';
import { DAY_MS } from '@cadre/core/time';

interface Stretch {
  readonly from: number;
  readonly climate: Climate;
  readonly factors: Factors;
}

/** The climates of one site, one after the other: each lasts until the next begins, the last for ever. */
export type SeasonLine = readonly [Stretch, ...Stretch[]];

const DRY = { climate: 'dry', factors: CLIMATE_FACTORS.dry } as const;
export const ALWAYS_DRY: SeasonLine = [{ from: -Infinity, ...DRY }];

/** The day after one of a year, as month and day; the year may be another. */
function dayAfter(year: number, monthAndDay: string): string {
  const [month = 1, day = 1] = monthAndDay.split('-').map(Number);
  return new Date(Date.UTC(year, month - 1, day + 1)).toISOString().slice(0, 10);
}

/**
 * The seasons of a site laid out over the years, by its own calendar.
 *
 * @param seasons of this site, without two on one day (`seasonIssues`)
 * @param years the first and the last that matter; before and after them all is dry
 */
export function seasonLine(
  seasons: readonly Season[],
  timeZone: string,
  years: { readonly first: number; readonly last: number },
): SeasonLine {
  const starts = seasons
    .filter(({ from, to }) => dayOfYear(from) !== null && dayOfYear(to) !== null)
    .flatMap((season) =>
      Array.from({ length: years.last - years.first + 2 }, (_, index) => {
        const year = years.first - 1 + index;
        const over = (dayOfYear(season.to) ?? 0) < (dayOfYear(season.from) ?? 0) ? 1 : 0;
        return {
          from: siteTimeOn(`${year}-${season.from}`, timeZone, '00:00'),
          until: siteTimeOn(dayAfter(year + over, season.to), timeZone, '00:00'),
          climate: season.climate,
          factors: { ...CLIMATE_FACTORS[season.climate], ...season.factors },
        };
      }),
    )
    .sort((a, b) => a.from - b.from);
  const line: [Stretch, ...Stretch[]] = [{ from: -Infinity, ...DRY }];
  for (const [index, { until, ...stretch }] of starts.entries()) {
    // One that begins the moment the last ended takes its place.
    if (line.at(-1)?.from === stretch.from) line.pop();
    line.push(stretch);
    if ((starts[index + 1]?.from ?? Infinity) >= until) line.push({ from: until, ...DRY });
  }
  return line as unknown as SeasonLine;
}

/** How fast a service's interval runs in a stretch: 2 where it comes round twice as often, 0 where it does not run. */
export function paceIn(
  stretch: Pick<Stretch, 'climate' | 'factors'>,
  { weathered, climates }: Pick<ServiceRule, 'weathered' | 'climates'>,
): number {
  if (climates && !climates.includes(stretch.climate)) return 0;
  return 1 / ((weathered && stretch.factors[weathered]) || 1);
}

/** How fast it runs in a climate whatever the season, by the climate's usual factors. */
export function paceOfClimate(climate: Climate, rule: Pick<ServiceRule, 'weathered' | 'climates'>): number {
  return paceIn({ climate, factors: CLIMATE_FACTORS[climate] }, rule);
}

/** The index of the stretch that holds a moment. */
function indexAt(line: SeasonLine, at: number): number {
  let [low, high] = [0, line.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((line[middle] as Stretch).from <= at) low = middle;
    else high = middle - 1;
  }
  return low;
}

export const climateAt = (line: SeasonLine, at: number): Climate =>
  (line[indexAt(line, at)] as Stretch).climate;
export const paceAt = (
  line: SeasonLine,
  rule: Pick<ServiceRule, 'weathered' | 'climates'>,
  at: number,
): number => (rule.weathered || rule.climates ? paceIn(line[indexAt(line, at)] as Stretch, rule) : 1);

/** The pace at a moment, and until when it stays so. */
export function paceFrom(
  line: SeasonLine,
  rule: Pick<ServiceRule, 'weathered' | 'climates'>,
  at: number,
): { readonly pace: number; readonly until: number } {
  if (!rule.weathered && !rule.climates) return { pace: 1, until: Infinity };
  const index = indexAt(line, at);
  return { pace: paceIn(line[index] as Stretch, rule), until: line[index + 1]?.from ?? Infinity };
}

/** How many days of an interval have run from one moment to another, counted at the pace of each season. */
export function daysRun(
  line: SeasonLine,
  rule: Pick<ServiceRule, 'weathered' | 'climates'>,
  from: number,
  to: number,
): number {
  let run = 0;
  for (let index = indexAt(line, from), at = from; at < to; index += 1) {
    const until = Math.min(to, line[index + 1]?.from ?? Infinity);
    run += (until - at) * paceIn(line[index] as Stretch, rule);
    at = until;
  }
  return run / DAY_MS;
}

/** When so many days of an interval will have run since a moment, or null where they never will. */
export function whenRun(
  line: SeasonLine,
  rule: Pick<ServiceRule, 'weathered' | 'climates'>,
  from: number,
  days: number,
): number | null {
  let left = days * DAY_MS;
  let at = from;
  for (let index = indexAt(line, from); index < line.length; index += 1) {
    const until = line[index + 1]?.from ?? Infinity;
    const pace = paceIn(line[index] as Stretch, rule);
    if (pace > 0 && (until - at) * pace >= left) return Math.ceil(at + left / pace);
    left -= pace > 0 ? (until - at) * pace : 0;
    at = until;
  }
  return null;
}
