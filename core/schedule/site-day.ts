import { TZDate } from '@date-fns/tz';
import { endOfDay, startOfDay } from 'date-fns';

/** The last millisecond of the site's day that holds `now`, in epoch milliseconds. */
export function endOfSiteDay(now: number, timeZone: string): number {
  return endOfDay(new TZDate(now, timeZone)).getTime();
}

/** The first millisecond of the site's day that holds `now`. */
export function startOfSiteDay(now: number, timeZone: string): number {
  return startOfDay(new TZDate(now, timeZone)).getTime();
}

/** A wall-clock time ("09:00") on the site's day that holds `now`, as epoch milliseconds. */
export function siteTimeToday(now: number, timeZone: string, clock: string): number {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  const day = new TZDate(now, timeZone);
  return new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), hours, minutes, timeZone).getTime();
}

/** A wall-clock time ("09:00") on a day of the calendar ("2026-04-30") at the site, as epoch milliseconds. */
export function siteTimeOn(day: string, timeZone: string, clock: string): number {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return new TZDate(year, month - 1, date, hours, minutes, timeZone).getTime();
}

/** The day of the calendar at the site that holds `now`, as year-month-day. */
export function siteDay(now: number, timeZone: string): string {
  const day = new TZDate(now, timeZone);
  return [
    day.getFullYear(),
    String(day.getMonth() + 1).padStart(2, '0'),
    String(day.getDate()).padStart(2, '0'),
  ].join('-');
}

/** The wall-clock time at the site at that moment, "09:05". */
export function siteClock(now: number, timeZone: string): string {
  const at = new TZDate(now, timeZone);
  return [at.getHours(), at.getMinutes()].map((each) => String(each).padStart(2, '0')).join(':');
}

/** Whether the name is a time zone this runtime knows. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false; // the only reason the constructor throws here is an unknown zone
  }
}
