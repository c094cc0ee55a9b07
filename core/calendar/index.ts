export { checklistSettling } from './checklist-settling';
export { calendarEntries, type CalendarEntry, type CalendarKind } from './entries';
export { weekLoads, type WeekLoad } from './load';
