export { inScope, lineCell, lineColumns, MOST_QUESTIONS, type LineCell, type LineColumn, type LineScope } from './columns';
export { placePasted, type Pasted, type PastedRow, type PasteIssue } from './paste';
export { outcomeOfReading, readCell, type TypedCell, type TypedReading } from './typed';
