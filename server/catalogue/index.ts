export { currentPolicy, Policies } from './policies';
export { Catalogue, publishedCheckpoints, publishedSheets } from './service';
export { sheetByHash } from './sheet-cache';
