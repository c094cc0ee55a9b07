import type { Express } from 'express';
import {
  CALENDAR_PATH,
  endCalendarAddress,
  listCalendarAddresses,
  makeCalendarAddress,
} from '@cadre/contract/calendar';
import { calendarToken } from '@cadre/contract/calendar/schemas';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Calendars } from './service';

export const calendarRoutes = (calendars: Calendars): readonly Implemented[] => [
  answering(listCalendarAddresses, async (_sent, actor) => calendars.list(actor)),
  answering(makeCalendarAddress, async ({ body }, actor) => calendars.make(actor, body)),
  answering(endCalendarAddress, async ({ params, body }, actor) => calendars.end(actor, params.id, body)),
];

/** The addresses themselves: read by calendar programs, which sign in nowhere. Unknown, ended and malformed ones get one answer. */
export function serveCalendars(app: Express, calendars: Calendars): void {
  app.get(`${CALENDAR_PATH}:token.ics`, async (req, res) => {
    const token = calendarToken.safeParse(req.params['token']);
    const calendar = token.success ? await calendars.read(token.data) : null;
    if (calendar === null) {
      res.status(404).type('text/plain').send('404');
      return;
    }
    res.set('cache-control', 'private, no-store').type('text/calendar; charset=utf-8').send(calendar);
  });
}
