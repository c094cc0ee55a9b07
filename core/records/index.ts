export { canonicalJson } from './canonical';
export { entryText, faultInChain, GENESIS, type ChainFault, type EntryCore } from './entry';
