export { TookTooLongError, withTimeLimit } from './time-limit';
