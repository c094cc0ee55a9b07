export { Catalogue, currentPolicy, publishedCheckpoints } from './service';
export { sheetByHash } from './sheet-cache';
