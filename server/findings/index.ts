export { Findings } from './service';
