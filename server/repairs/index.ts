export { Repairs } from './service';
