export { Catalogue, currentPolicy, publishedCheckpoints, sheetByHash } from './service';
