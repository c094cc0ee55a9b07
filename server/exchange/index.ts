export { Exchange } from './service';
