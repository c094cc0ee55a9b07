export type { ReassemblyEvents } from './events';
export { reassemblyFeature } from './feature';
export { reassemblyRoutes } from './routes';
export { Reassembly } from './service';
