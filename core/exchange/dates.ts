import { isValid, parse } from 'date-fns';

/** In which order a file writes the parts of a date made of numbers. */
export const DATE_ORDERS = ['day-first', 'month-first'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

const NUMBERS = /^(\d{1,2})[./\- ](\d{1,2})[./\- ](\d{2}|\d{4})$/;
const NAMED = [
  'd MMM yyyy',
  'd MMMM yyyy',
  'd-MMM-yyyy',
  'd-MMM-yy',
  'd MMM yy',
  'MMM d, yyyy',
  'MMMM d, yyyy',
  'MMM yyyy',
  'MMMM yyyy',
] as const;

/** What the dates of a column say about their order: one is proven, neither is, or both are (then the file mixes them). */
export function dateOrderOf(texts: readonly string[]): DateOrder | 'either' | 'mixed' | 'none' {
  let dayFirst = false;
  let monthFirst = false;
  let unsure = false;
  for (const text of texts) {
    const match = NUMBERS.exec(text.trim());
    if (!match) continue;
    const [first, second] = [Number(match[1]), Number(match[2])];
    if (first > 12 && second <= 12) dayFirst = true;
    else if (second > 12 && first <= 12) monthFirst = true;
    else if (first !== second) unsure = true;
  }
  if (dayFirst && monthFirst) return 'mixed';
  if (dayFirst) return 'day-first';
  if (monthFirst) return 'month-first';
  return unsure ? 'either' : 'none';
}

function iso(year: number, month: number, day: number): string | null {
  const date = new Date(Date.UTC(year, month - 1, day));
  if (
    date.getUTCFullYear() !== year ||
    date.getUTCMonth() !== month - 1 ||
    date.getUTCDate() !== day ||
    year < 1950 ||
    year > 2100
  )
    return null;
  return `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
}

/** A date as lists write it, as year-month-day; null when it is none. A month without a day is its first; two digits of a year are this century's. */
export function readDate(text: string, order: DateOrder): string | null {
  const said = text.trim().replace(/[T ]\d{1,2}:\d{2}.*$/, '');
  const full = /^(\d{4})[./-](\d{1,2})[./-](\d{1,2})$/.exec(said);
  if (full) return iso(Number(full[1]), Number(full[2]), Number(full[3]));
  const yearMonth = /^(\d{4})-(\d{1,2})$/.exec(said);
  if (yearMonth) return iso(Number(yearMonth[1]), Number(yearMonth[2]), 1);
  const numbers = NUMBERS.exec(said);
  if (numbers) {
    const [first, second, third] = [Number(numbers[1]), Number(numbers[2]), Number(numbers[3])];
    const year = third < 100 ? 2000 + third : third;
    return order === 'day-first' ? iso(year, second, first) : iso(year, first, second);
  }
  for (const form of NAMED) {
    const date = parse(said.replace(/(\d)(st|nd|rd|th)\b/i, '$1'), form, new Date(2000, 0, 1));
    if (isValid(date))
      return iso(
        date.getFullYear() < 100 ? date.getFullYear() + 2000 : date.getFullYear(),
        date.getMonth() + 1,
        date.getDate(),
      );
  }
  return null;
}
