export { canonicalJson } from './canonical';
export {
  ENTRY_KINDS,
  entryText,
  faultInChain,
  GENESIS,
  type ChainFault,
  type EntryCore,
  type EntryKind,
} from './entry';
export { QUIET_KINDS } from './quiet-kinds';
