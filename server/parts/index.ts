export { Parts } from './service';
