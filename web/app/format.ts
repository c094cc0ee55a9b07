import { format as formatDate } from 'date-fns';
import { TZDate } from '@date-fns/tz';

/** Every number, time and plural people read is made here, so that another language is another module. */
export function clock(at: number, timeZone?: string): string {
  return formatDate(timeZone ? new TZDate(at, timeZone) : new Date(at), 'HH:mm');
}

export function dayAndClock(at: number, now: number, timeZone?: string): string {
  const day = (time: number): string => formatDate(timeZone ? new TZDate(time, timeZone) : new Date(time), 'yyyy-MM-dd');
  if (day(at) === day(now)) return `today ${clock(at, timeZone)}`;
  if (day(at) === day(now - 86_400_000)) return `yesterday ${clock(at, timeZone)}`;
  if (day(at) === day(now + 86_400_000)) return `tomorrow ${clock(at, timeZone)}`;
  return formatDate(timeZone ? new TZDate(at, timeZone) : new Date(at), 'EEE d MMM, HH:mm');
}

export function count(number: number, one: string, many = `${one}s`): string {
  return `${number} ${number === 1 ? one : many}`;
}

/** A day of the calendar ("2026-04-30") as people say it. */
export function dayWords(day: string): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  return formatDate(new Date(year, month - 1, date), 'd MMM yyyy');
}

/** A span to a moment: "in 1 h 20 min", "25 min ago". */
export function untilNow(at: number, now: number): string {
  const minutes = Math.round(Math.abs(at - now) / 60_000);
  const span =
    minutes < 60
      ? `${minutes} min`
      : minutes < 2880
        ? `${Math.floor(minutes / 60)} h${minutes % 60 ? ` ${minutes % 60} min` : ''}`
        : count(Math.round(minutes / 1440), 'day');
  return at > now ? `in ${span}` : `${span} ago`;
}
