export { foldMarks, progressOf, type Progress, type Standing } from './fold';
export { SIDES, type Mark, type MarkedFault, type Place, type Reading, type Side } from './mark';
export { MARK_WAYS, MARK_WORDS, OUTCOMES, type MarkWay, type MarkWord, type Outcome } from './outcome';
