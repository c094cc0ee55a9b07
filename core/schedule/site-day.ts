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

/** Whether the name is a time zone this runtime knows. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false; // the only reason the constructor throws here is an unknown zone
  }
}
