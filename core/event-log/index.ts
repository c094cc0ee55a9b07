export { canonicalJson } from './canonical';
export { entryText, faultInChain, GENESIS, type EntryCore } from './entry';
