import { dayWords } from '@cadre/web/platform/time';
import * as t from './messages';

/** The days of a week from Monday, by their number. */
export const WEEKDAYS = [t.monday, t.tuesday, t.wednesday, t.thursday, t.friday, t.saturday, t.sunday].map(
  (name, index) => ({ number: index + 1, name }),
);

/** The number of a day; of the first of a month, and where the list begins, with its month. */
export const shortDay = (day: string, isFirst: boolean): string => {
  const number = Number(day.slice(8));
  return isFirst || number === 1 ? dayWords(day).replace(/,? \d{4}$/, '') : String(number);
};
