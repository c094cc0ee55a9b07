export { checklistSettling } from './checklist-settling';
export { calendarEntries, type CalendarEntry, type CalendarKind } from './entries';
