import ICAL from 'ical.js';
import { readGroupLine, readWants, type Want } from '@cadre/core/schedule';
import * as t from './messages';

export interface CalendarGroup {
  readonly name: string;
  readonly outAt: number;
  readonly backAt: number;
  readonly wants: readonly Want[];
  readonly unread: readonly string[];
}

export type ReadCalendar =
  | { readonly ok: true; readonly groups: readonly CalendarGroup[] }
  | { readonly ok: false; readonly fault: CalendarFault; readonly detail: string };
export type CalendarFault = 'no-calendar' | 'too-many';

/** A series says how often; more than this in the span is no outing but a mistake. */
const MOST_OF_A_SERIES = 60;
const MOST_EVENTS = 5000;
/** Of all series together, those before the span too: a class that met each day for fifty years takes fewer. */
const MOST_STEPS = 20_000;

function groupOf(event: ICAL.Event, start: ICAL.Time, end: ICAL.Time): CalendarGroup {
  const line = readGroupLine(event.summary ?? '');
  const described = readWants(
    (event.description ?? '').split('\n').find((each) => readWants(each).wants.length > 0) ?? '',
  );
  const wants = line.wants.length > 0 ? line.wants : described.wants;
  return {
    name: line.name || t.group,
    outAt: start.toJSDate().getTime(),
    backAt: end.toJSDate().getTime(),
    wants,
    unread: line.wants.length > 0 ? line.unread : described.unread,
  };
}

type Fault = { readonly ok: false; readonly fault: CalendarFault; readonly detail: string };
const TOO_MANY: Fault = { ok: false, fault: 'too-many', detail: MOST_EVENTS.toLocaleString('en') };

/** The events of an iCalendar file, or why there are none to be read. */
function eventsOf(text: string): Fault | { readonly ok: true; readonly events: readonly ICAL.Component[] } {
  let calendar: ICAL.Component;
  try {
    calendar = new ICAL.Component(ICAL.parse(text) as never);
  } catch (error) {
    return { ok: false, fault: 'no-calendar', detail: (error as Error).message };
  }
  if (calendar.name !== 'vcalendar') return { ok: false, fault: 'no-calendar', detail: t.noCalendarInside };
  for (const zone of calendar.getAllSubcomponents('vtimezone'))
    ICAL.TimezoneService.register(new ICAL.Timezone(zone));
  const events = calendar.getAllSubcomponents('vevent');
  return events.length > MOST_EVENTS ? TOO_MANY : { ok: true, events };
}

/** A whole day of a calendar: a holiday, as a rule. */
export interface CalendarDay {
  readonly day: string;
  readonly name: string;
}
export type ReadDays = { readonly ok: true; readonly days: readonly CalendarDay[] } | Fault;

/** The last day of an event that may last several, at most a season. */
const MOST_DAYS_OF_ONE = 200;

/** The whole days of an iCalendar file between two days of the calendar, each once; what has a time of day is none. */
export function readDays(text: string, from: string, until: string): ReadDays {
  const read = eventsOf(text);
  if (!read.ok) return read;
  const days = new Map<string, string>();
  let steps = 0;
  for (const component of read.events) {
    const event = new ICAL.Event(component);
    if (!event.startDate?.isDate || event.isRecurrenceException()) continue;
    const series = event.iterator();
    let next: ICAL.Time | null = series.next();
    while (next) {
      if ((steps += 1) > MOST_STEPS) return TOO_MANY;
      const { startDate, endDate, item } = event.getOccurrenceDetails(next);
      if (startDate.toString() > until) break;
      const day = startDate.clone();
      for (let length = 0; length < MOST_DAYS_OF_ONE; length += 1, day.adjust(1, 0, 0, 0)) {
        if (length > 0 && day.compare(endDate) >= 0) break;
        const at = day.toString();
        if (at >= from && at <= until && !days.has(at)) days.set(at, (item.summary ?? '').slice(0, 80));
      }
      next = event.isRecurring() ? series.next() : null;
    }
  }
  return {
    ok: true,
    days: [...days].map(([day, name]) => ({ day, name })).sort((a, b) => (a.day < b.day ? -1 : 1)),
  };
}

/** The outings of an iCalendar file between two times. Whole-day events are no outings: they have no time to be out. */
export function readCalendar(text: string, from: number, until: number): ReadCalendar {
  const read = eventsOf(text);
  if (!read.ok) return read;
  const groups: CalendarGroup[] = [];
  let steps = 0;
  for (const component of read.events) {
    const event = new ICAL.Event(component);
    if (!event.startDate || event.startDate.isDate || event.isRecurrenceException()) continue;
    if (!event.isRecurring()) {
      groups.push(groupOf(event, event.startDate, event.endDate));
      continue;
    }
    const series = event.iterator();
    for (let next = series.next(), seen = 0; next && seen < MOST_OF_A_SERIES; next = series.next()) {
      if ((steps += 1) > MOST_STEPS) return TOO_MANY;
      const { startDate, endDate, item } = event.getOccurrenceDetails(next);
      const at = startDate.toJSDate().getTime();
      if (at > until) break;
      if (at < from) continue;
      seen += 1;
      groups.push(groupOf(item, startDate, endDate));
    }
  }
  return {
    ok: true,
    groups: groups
      .filter((group) => group.backAt > from && group.outAt < until)
      .sort((a, b) => a.outAt - b.outAt),
  };
}
