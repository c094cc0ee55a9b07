export { clockTime, day, hash, id, instant, note, text, version } from './fields';
export { messages } from './route';
export { problem } from './problem';
