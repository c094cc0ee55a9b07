import type { BikeService } from '@cadre/contract/services';
import type { Climate, OverdueMeaning } from '@cadre/core/catalogue';
import { INTERVAL_COUNTS, type IntervalCount } from '@cadre/core/measures';
import { dayAt } from '@cadre/web/platform/time';
import * as t from './messages';

const COUNT_WORDS: Record<IntervalCount, (of: { many: number }) => string> = {
  days: ({ many }) => t.manyDays({ many }),
  hours: ({ many }) => t.manyHours({ many }),
  km: ({ many }) => t.manyKm({ many }),
  outings: ({ many }) => t.manyOutings({ many }),
};

export const CLIMATE_WORDS: Record<Climate, string> = {
  dry: t.dry,
  wet: t.wet,
  salt: t.salt,
  freezing: t.freezing,
  dusty: t.dusty,
};

/** "90 days or 500 km" */
export function everyWords({ every, climates }: Pick<BikeService, 'every' | 'climates'>): string {
  const counts = INTERVAL_COUNTS.flatMap((count) => {
    const many = every[count];
    return many === undefined ? [] : [COUNT_WORDS[count]({ many })];
  });
  const said = t.everyInterval({ interval: counts.join(t.orJoin) });
  return climates.length === 0
    ? said
    : t.inClimates({
        said,
        climates: climates.map((each) => CLIMATE_WORDS[each].toLowerCase()).join(t.orJoin),
      });
}

/** What is left of it: by the calendar as a day, of use as so much more; what comes first is not known before it comes. */
export function leftWords(service: BikeService, now: number, timeZone?: string): string {
  const { dueAt, left } = service;
  if (dueAt !== null && now >= dueAt) return t.overdueSince({ when: dayAt(dueAt, timeZone) });
  const use = (['km', 'hours', 'outings'] as const).flatMap((count) => {
    const many = left[count];
    return many === undefined ? [] : [COUNT_WORDS[count]({ many: Math.max(0, Math.ceil(many)) })];
  });
  const when = dueAt === null ? [] : [t.dueOn({ when: dayAt(dueAt, timeZone) })];
  return [...when, ...(use.length > 0 ? [t.afterUse({ use: use.join(t.orJoin) })] : [])].join(t.orJoin);
}

export const OVERDUE_WORDS: Record<OverdueMeaning, string> = {
  maintenance: t.overdueMaintenance,
  'fix-by': t.overdueFixBy,
  due: t.overdueDue,
};

export const COUNT_LABELS: Record<IntervalCount, string> = {
  days: t.everyDaysLabel,
  hours: t.everyHoursLabel,
  km: t.everyKmLabel,
  outings: t.everyOutingsLabel,
};

export const MONTH_WORDS: readonly string[] = [
  ...[t.january, t.february, t.march, t.april, t.may, t.june],
  ...[t.july, t.august, t.september, t.october, t.november, t.december],
];
