/** The shipped catalogue: prose, so it is kept apart from the words and rules the browser always needs. */
export { checkpointsAfter, NOT_BY_CRASH } from './incidents';
export { SCHOOL_PROSE, type School } from './schools';
export { CHECKPOINTS, RIDE_OUT, RIDE_OUT_CHILDREN, SHIPPED_SHEETS } from './sheets';
export { walkSheets, type WalkedPair } from './walk';
export { printCatalogue, printRules } from './print';
