export { currentPolicy, Policies } from './policies';
export { Catalogue, countPublished, publishedCheckpoints, publishedSheets } from './service';
export { sheetByHash } from './sheet-cache';
