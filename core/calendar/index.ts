export { checklistSettling } from './checklist-settling';
export { calendarEntries, CALENDAR_KINDS, type CalendarEntry, type CalendarKind } from './entries';
