import { expose } from 'comlink';
import { readCalendar } from './read-calendar';

/** A rule can be without end: read here, it holds up nothing else. */
const worker = { read: readCalendar };
export type CalendarWorker = typeof worker;
expose(worker);
