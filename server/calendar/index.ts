export { calendarFeature } from './feature';
export { calendarRoutes, serveCalendars } from './routes';
export { Calendars } from './service';
