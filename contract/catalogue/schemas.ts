export { readSheetDocument, SHEET_FORMAT, sheetDocument, writeSheetDocument } from './document';
export { policyChoices, policyVersion, policyVersions, previewPolicy, publishPolicy } from './policy';
export { checkpoint, rule, sheetVersion, works } from './sheet';
export {
  dropDraft,
  getSheet,
  listDrafts,
  listSheets,
  publishSheet,
  saveDraft,
  sheetSummary,
  sheetVersions,
} from './sheets';
