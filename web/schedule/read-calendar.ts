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

/** The outings of an iCalendar file between two times. Whole-day events are no outings: they have no time to be out. */
export function readCalendar(text: string, from: number, until: number): ReadCalendar {
  let calendar: ICAL.Component;
  try {
    calendar = new ICAL.Component(ICAL.parse(text) as never);
  } catch (error) {
    return { ok: false, fault: 'no-calendar', detail: (error as Error).message };
  }
  if (calendar.name !== 'vcalendar') return { ok: false, fault: 'no-calendar', detail: t.noCalendarInside };
  for (const zone of calendar.getAllSubcomponents('vtimezone'))
    ICAL.TimezoneService.register(new ICAL.Timezone(zone));
  const groups: CalendarGroup[] = [];
  const events = calendar.getAllSubcomponents('vevent');
  const tooMany: ReadCalendar = { ok: false, fault: 'too-many', detail: MOST_EVENTS.toLocaleString('en') };
  if (events.length > MOST_EVENTS) return tooMany;
  let steps = 0;
  for (const component of events) {
    const event = new ICAL.Event(component);
    if (!event.startDate || event.startDate.isDate || event.isRecurrenceException()) continue;
    if (!event.isRecurring()) {
      groups.push(groupOf(event, event.startDate, event.endDate));
      continue;
    }
    const series = event.iterator();
    for (let next = series.next(), seen = 0; next && seen < MOST_OF_A_SERIES; next = series.next()) {
      if ((steps += 1) > MOST_STEPS) return tooMany;
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
