export { stockItemEntity } from './entities';
export type { PartEvents } from './events';
export { partsFeature } from './feature';
export { stockMoved } from './events';
export { partsRoutes } from './routes';
export { Parts, replacing } from './service';
export { lockItems, Stock } from './stock';
