export { Wear } from './service';
