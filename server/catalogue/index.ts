export { currentPolicy } from './current-policy';
export { checklistDraftEntity, checklistEntity, policyEntity, type ChecklistRow } from './entities';
export type { CatalogueEvents } from './events';
export { catalogueFeature } from './feature';
export { catalogueRoutes } from './routes';
export { Catalogue, publishedCheckpoints, publishedChecklists } from './service';
export { checklistByHash } from './checklist-cache';
