export { clock, dayAndClock, dayAt, dayWords, setHomeZone, untilNow } from './format';
export { ON_PAPER, onPaper, useToday } from './on-paper';
export { now, setServerNow, useNow } from './use-now';
