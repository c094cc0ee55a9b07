export { checkpoint, rule, sheetVersion, works, type Checkpoint, type SheetVersion } from './sheet';
export {
  policyChoices,
  policyVersion,
  publishPolicy,
  policyVersions,
  previewPolicy,
  type PolicyChoices,
} from './policy';
export {
  dropDraft,
  getSheet,
  listDrafts,
  listSheets,
  publishSheet,
  saveDraft,
  sheetSummary,
  sheetVersions,
  type SheetSummary,
} from './sheets';
export {
  readSheetDocument,
  SHEET_FORMAT,
  sheetDocument,
  writeSheetDocument,
  type SheetDocument,
  type SheetDocumentIssue,
} from './document';
