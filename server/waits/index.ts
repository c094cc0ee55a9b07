export { Waits } from './service';
