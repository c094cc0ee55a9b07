export { describeCheck, findCheck } from './read';
export { readingsUnder } from './readings-under';
export { Checks } from './service';
