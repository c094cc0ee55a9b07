export { alsoReads, type KeyHelp, type KeyMap, keyHelp, onScan, useKeys } from './keys';
