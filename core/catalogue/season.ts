import type { FieldIssue } from '@cadre/core/errors';

/** What the ground and the weather are like at a site for a part of the year. Days that no season names are dry. */
export const CLIMATES = ['dry', 'wet', 'salt', 'freezing', 'dusty'] as const;
export type Climate = (typeof CLIMATES)[number];

/** What on a bike a climate is hard on: a service belongs to one of them, or to none. */
export const WEATHERED = [
  'tyres',
  'rims',
  'pads',
  'chain',
  'posts',
  'cables',
  'suspension',
  'electrics',
] as const;
export type Weathered = (typeof WEATHERED)[number];

export type Factors = { readonly [W in Weathered]?: number | undefined };

/**
 * What an interval is multiplied by: 0.5 comes round twice as often, 1 where nothing is said. Those of freezing and dusty
 * seasons are this product's own.
 */
export const CLIMATE_FACTORS: Readonly<Record<Climate, Factors>> = {
  dry: {},
  wet: { tyres: 0.5, rims: 0.5, pads: 0.5, chain: 0.5 },
  salt: { tyres: 0.5, rims: 0.5, pads: 0.5, chain: 0.5, posts: 0.5, cables: 0.5, electrics: 0.5 },
  freezing: { cables: 0.5, electrics: 0.5 },
  dusty: { chain: 0.5, suspension: 0.5 },
};

/** A part of every year at a site, both days within it; it may run over the new year. */
export interface Season {
  readonly siteId: string;
  readonly climate: Climate;
  /** Month and day, "11-01". */
  readonly from: string;
  readonly to: string;
  /** The house's own figures in place of the shipped ones. */
  readonly factors?: Factors | undefined;
}

/** What a factor may be: an interval is neither done away with nor drawn out past four times. */
export const FACTOR_RANGE = { least: 0.1, most: 4 } as const;

const DAYS = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** The number of a day in a leap year, 0 for 1 January; null where there is no such day. */
export function dayOfYear(monthAndDay: string): number | null {
  const [, month = 0, day = 0] = (/^(\d\d)-(\d\d)$/.exec(monthAndDay) ?? []).map(Number);
  const days = DAYS[month - 1];
  if (days === undefined || day < 1 || day > days) return null;
  return DAYS.slice(0, month - 1).reduce((sum, each) => sum + each, 0) + day - 1;
}

/** Every day of the year that a season takes up, as numbers of days. */
function daysIn({ from, to }: Pick<Season, 'from' | 'to'>): readonly number[] {
  const [first, last] = [dayOfYear(from), dayOfYear(to)];
  if (first === null || last === null) return [];
  const days = (last - first + 366) % 366;
  return Array.from({ length: days + 1 }, (_, index) => (first + index) % 366);
}

/** The climate at a site on a day of the calendar ("2026-11-30"): dry on days that no season names. */
export function climateOn(seasons: readonly Season[], siteId: string, day: string): Climate {
  const number = dayOfYear(day.slice(5));
  const season = seasons.find(
    (each) => each.siteId === siteId && number !== null && daysIn(each).includes(number),
  );
  return season?.climate ?? 'dry';
}

/** What is wrong with seasons as written: a day that is none, an end left out, the same day of a site in two of them, a factor out of range. */
export function seasonIssues(seasons: readonly Season[]): readonly FieldIssue[] {
  const taken = new Set<string>();
  return seasons.flatMap((season, index): FieldIssue[] => {
    const path = `seasons.${index}`;
    const missing = (['from', 'to'] as const)
      .filter((field) => dayOfYear(season[field]) === null)
      .map((field): FieldIssue => ({
        path: `${path}.${field}`,
        code: season[field] === '' ? 'required' : 'no-such-day',
      }));
    const days = daysIn(season).map((day) => `${season.siteId} ${day}`);
    const twice = days.some((day) => taken.has(day));
    for (const day of days) taken.add(day);
    const factors = Object.entries(season.factors ?? {}).flatMap(([what, factor]): FieldIssue[] =>
      factor === undefined || (factor >= FACTOR_RANGE.least && factor <= FACTOR_RANGE.most)
        ? []
        : [
            {
              path: `${path}.factors.${what}`,
              code: 'out-of-range',
              params: { ...FACTOR_RANGE, unit: '' },
            },
          ],
    );
    return [
      ...missing,
      ...(twice ? [{ path: `${path}.from`, code: 'season-twice' } as const] : []),
      ...factors,
    ];
  });
}
