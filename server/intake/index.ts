export { Intakes } from './service';
