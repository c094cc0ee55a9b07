export { outingGroupEntity, type OutingGroupRow } from './entities';
export type { ScheduleEvents } from './events';
export { scheduleFeature } from './feature';
export type { CalendarSource } from './fetch-calendar';
export { scheduleRoutes } from './routes';
export { Groups, groupsAround } from './service';
