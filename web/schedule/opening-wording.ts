import { DAY_MS } from '@cadre/core/time';

/** A Monday, to name weekdays by. */
const MONDAY = Date.UTC(2024, 0, 1);

const weekdays = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' });
const days = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  timeZone: 'UTC',
});

/** The days of a week from Monday, by their number. */
export const WEEKDAYS = Array.from({ length: 7 }, (_, index) => ({
  number: index + 1,
  name: weekdays.format(MONDAY + index * DAY_MS),
}));

/** A day of the calendar in words. */
export const dayWords = (day: string): string => days.format(Date.parse(`${day}T12:00:00Z`));

const months = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' });

/** The number of a day; of the first of a month, and where the list begins, with its month. */
export const shortDay = (day: string, isFirst: boolean): string => {
  const number = Number(day.slice(8));
  return isFirst || number === 1
    ? `${number} ${months.format(Date.parse(`${day}T12:00:00Z`))}`
    : String(number);
};
