export { checklistSettling } from './checklist-settling';
export { calendarEntries, type CalendarEntry, type CalendarKind } from './entries';
export { sealantDose, type SealantDose } from './sealant-dose';
export { weekLoads, type WeekLoad } from './load';
