import { expose } from 'comlink';
import { readCalendar, readDays } from './read-calendar';

/** A rule can be without end: read here, it holds up nothing else. */
const worker = { read: readCalendar, readDays };
export type CalendarWorker = typeof worker;
expose(worker);
