export { Photos } from './service';
