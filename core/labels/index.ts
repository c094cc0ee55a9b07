export { arrangeLabel } from './arrange';
export { CODE, CODE_PATH, codeIn, isReachable, LABELLED, type Labelled } from './code';
export {
  labelsPerPage,
  placeLabels,
  sheetIssues,
  USUAL_SHEET,
  type LabelSheet,
  type PlacedLabel,
} from './layout';
