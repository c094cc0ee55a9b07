export { describeCheck, findCheck } from './read';
export { Checks } from './service';
