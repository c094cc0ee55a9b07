export { CODE, CODE_PATH, codeIn, isReachable, LABELLED, type Labelled } from './code';
export {
  codeSide,
  labelsPerPage,
  placeLabels,
  QUIET_MM,
  sheetIssues,
  USUAL_SHEET,
  type LabelSheet,
  type PlacedLabel,
} from './layout';
