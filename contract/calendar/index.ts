import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type CalendarAddress = Told<typeof schemas.listCalendarAddresses.answer>['addresses'][number];

/** Where a calendar program reads what a site has to do: a private address of one person, until they end it. */
export const CALENDAR_PATH = '/calendar/';

export const listCalendarAddresses = route<typeof schemas.listCalendarAddresses>({
  name: 'calendar.list-addresses',
  method: 'GET',
  path: '/api/v1/calendar-addresses',
  act: 'see',
});

export const makeCalendarAddress = route<typeof schemas.makeCalendarAddress>({
  name: 'calendar.make-address',
  method: 'POST',
  path: '/api/v1/calendar-addresses',
  act: 'see',
});

export const endCalendarAddress = route<typeof schemas.endCalendarAddress>({
  name: 'calendar.end-address',
  method: 'POST',
  path: '/api/v1/calendar-addresses/:id/end',
  act: 'see',
});
