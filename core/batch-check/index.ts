export {
  inScope,
  batchCell,
  batchColumns,
  MOST_QUESTIONS,
  WASH_BAY,
  type BatchCell,
  type BatchColumn,
  type BatchScope,
} from './columns';
export { placePasted, type PasteIssue } from './paste';
export {
  isAgainst,
  outcomeOfReading,
  readCell,
  takeReading,
  type TypedCell,
  type TypedReading,
} from './typed';
