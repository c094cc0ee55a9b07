export { stepWords } from './step-wording';
export { useEvents } from './use-events';
export { eventPrepViews } from './views';
