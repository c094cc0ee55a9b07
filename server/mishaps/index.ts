export { Mishaps } from './service';
