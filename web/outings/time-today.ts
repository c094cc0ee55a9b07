import { siteDay, siteTimeOn } from '@cadre/core/schedule';

/** A time of the clock on the day it is at the site; null where it is none. */
export function timeToday(time: string, now: number, timeZone: string): number | null {
  return /^\d{2}:\d{2}$/.test(time) ? siteTimeOn(siteDay(now, timeZone), timeZone, time) : null;
}
