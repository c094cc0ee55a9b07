export { currentPolicy, Policies } from './policies';
export { Catalogue, publishedCheckpoints } from './service';
export { sheetByHash } from './sheet-cache';
