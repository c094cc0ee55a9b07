export { currentPolicy } from './current-policy';
export { checklistEntity, policyEntity } from './entities';
export type { CatalogueEvents } from './events';
export { catalogueFeature } from './feature';
export { catalogueRoutes } from './routes';
export { Catalogue, publishedCheckpoints, publishedChecklists } from './service';
export { checklistByHash } from './checklist-cache';
