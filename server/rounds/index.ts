export { Rounds } from './service';
