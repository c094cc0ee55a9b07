export { currentPolicy } from './current-policy';
export { sheetDraftEntity, sheetEntity, policyEntity, type SheetRow } from './entities';
export type { CatalogueEvents } from './events';
export { catalogueFeature } from './feature';
export { catalogueRoutes } from './routes';
export { Catalogue, publishedCheckpoints, publishedSheets } from './service';
export { sheetByHash } from './sheet-cache';
