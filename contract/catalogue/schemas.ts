export {
  readChecklistDocument,
  CHECKLIST_FORMAT,
  checklistDocument,
  writeChecklistDocument,
} from './document';
export { policyChoices, policyVersion } from './policy';
export { checkpoint, practice, rule, checklistVersion, works } from './checklist';
export {
  dropDraft,
  getChecklist,
  listDrafts,
  listChecklists,
  publishChecklist,
  saveDraft,
  checklistSummary,
  checklistVersions,
} from './checklists';
