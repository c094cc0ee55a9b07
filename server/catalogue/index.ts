export { currentPolicy, Policies } from './policies';
export { Catalogue, countPublished, publishedCheckpoints } from './service';
export { sheetByHash } from './sheet-cache';
