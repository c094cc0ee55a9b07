import { DAY_MS } from '@cadre/core/time';
import * as t from './messages';
/** Every number, time and plural people read is made here, so that another language is another module. */
interface Clock {
  readonly year: string;
  readonly month: string;
  readonly day: string;
  readonly weekday: string;
  readonly hour: string;
  readonly minute: string;
}

/** One a zone, made once: making them is a hundred times what asking them costs, and a page asks hundreds of times. */
const formats = new Map<string, Intl.DateTimeFormat>();
/** The zone of the program's first site, once it is known: times are the shed's, wherever the browser stands. */
let home: string | undefined;
export function setHomeZone(timeZone: string | undefined): void {
  home = timeZone;
}

function formatIn(given: string | undefined): Intl.DateTimeFormat {
  const timeZone = given ?? home;
  const key = timeZone ?? '';
  const known = formats.get(key);
  if (known) return known;
  const made = new Intl.DateTimeFormat('en-US', {
    ...{ timeZone, hourCycle: 'h23', year: 'numeric', month: 'short', day: 'numeric' },
    ...{ weekday: 'short', hour: '2-digit', minute: '2-digit' },
  });
  formats.set(key, made);
  return made;
}
function clockAt(at: number, timeZone?: string): Clock {
  return Object.fromEntries(
    formatIn(timeZone)
      .formatToParts(at)
      .map(({ type, value }) => [type, value]),
  ) as unknown as Clock;
}
const sameDay = (a: Clock, b: Clock): boolean => a.day === b.day && a.month === b.month && a.year === b.year;

export function clock(at: number, timeZone?: string): string {
  const { hour, minute } = clockAt(at, timeZone);
  return `${hour}:${minute}`;
}

export function dayAndClock(at: number, now: number, timeZone?: string): string {
  const then = clockAt(at, timeZone);
  const time = `${then.hour}:${then.minute}`;
  if (Math.abs(at - now) < 3 * DAY_MS) {
    if (sameDay(then, clockAt(now, timeZone))) return t.todayTime({ time });
    if (sameDay(then, clockAt(now - DAY_MS, timeZone))) return t.yesterdayTime({ time });
    if (sameDay(then, clockAt(now + DAY_MS, timeZone))) return t.tomorrowTime({ time });
  }
  return `${then.weekday} ${then.day} ${then.month}, ${time}`;
}

/** A day of the calendar ("2026-04-30") as people say it. */
export function dayWords(day: string): string {
  const { day: date, month, year } = clockAt(Date.parse(`${day}T12:00:00Z`), 'UTC');
  return `${date} ${month} ${year}`;
}

/** The day of a moment as people say it, in its site's zone: what is printed at eight in the morning is not of the day before. */
export function dayAt(at: number, timeZone?: string): string {
  const { day, month, year } = clockAt(at, timeZone);
  return `${day} ${month} ${year}`;
}

/** A span to a moment: "in 1 h 20 min", "25 min ago". */
export function untilNow(at: number, now: number): string {
  const minutes = Math.round(Math.abs(at - now) / 60_000);
  const span =
    minutes < 60
      ? t.minutesMin({ minutes })
      : minutes < 2880
        ? `${Math.floor(minutes / 60)} h${minutes % 60 ? t.minutesMin2({ minutes: minutes % 60 }) : ''}`
        : t.dayCount({ minutes: Math.round(minutes / 1440) });
  return at > now ? t.inSpan({ span }) : t.spanAgo({ span });
}
