export { startCalendarServer, type CalendarServer } from './calendar-server';
