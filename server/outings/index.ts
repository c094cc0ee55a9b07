export type { OutingEvents } from './events';
export { outingEntity } from './entities';
export { outingsFeature } from './feature';
export { outingsRoutes } from './routes';
export { Outings } from './service';
