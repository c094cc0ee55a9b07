export { calendarViews } from './views';
