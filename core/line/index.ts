export {
  inScope,
  lineCell,
  lineColumns,
  MOST_QUESTIONS,
  type LineCell,
  type LineColumn,
  type LineScope,
} from './columns';
export { placePasted, type Pasted, type PastedRow, type PasteIssue } from './paste';
export {
  isAgainst,
  outcomeOfReading,
  readCell,
  takeReading,
  type TypedCell,
  type TypedReading,
} from './typed';
