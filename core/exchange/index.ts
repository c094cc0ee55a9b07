export {
  ALL_COLUMNS,
  findHeadings,
  guessColumns,
  headingOf,
  isColumn,
  type Column,
  type ColumnGuess,
} from './columns';
export { dateOrderOf, readDate, type DateOrder } from './dates';
export { FLEET_SCHEMA, type FleetBike, type FleetDocument } from './document';
export { slipOf } from '@cadre/core/spelling';
export { dateQuestion, planDocument, planImport } from './plan';
export {
  type ImportAnswers,
  type ImportPlan,
  type PlannedRow,
  type RowIssue,
  type RowIssueCode,
} from './planned';
export { wordQuestions, wordsOf, type WordQuestion } from './read-build';
export { defuse, undefuse, writeTable } from './write';
