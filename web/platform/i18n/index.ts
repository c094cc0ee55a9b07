export { message } from './message';
