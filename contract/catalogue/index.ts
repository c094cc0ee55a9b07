import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type { Checkpoint, ChecklistVersion } from '@cadre/core/catalogue';

export type PolicyChoices = Told<typeof schemas.policyChoices>;
export type ChecklistSummary = Told<typeof schemas.checklistSummary>;
export type ChecklistDocument = Told<typeof schemas.checklistDocument>;
export type { ChecklistDocumentIssue } from './document';

/** The newest version of every published checklist, and the policy in force. */
export const listChecklists = route<typeof schemas.listChecklists>({
  name: 'checklists.list',
  method: 'GET',
  path: '/api/v1/checklists',
  act: 'see',
});

/** One version, whole. It never changes: what was read once may be kept. */
export const getChecklist = route<typeof schemas.getChecklist>({
  name: 'checklists.get',
  method: 'GET',
  path: '/api/v1/checklists/:hash',
  act: 'see',
});

/** Every version of a checklist, newest first: who published it when and why, and where it was used. */
export const checklistVersions = route<typeof schemas.checklistVersions>({
  name: 'checklists.versions',
  method: 'GET',
  path: '/api/v1/checklists/:key/versions',
  act: 'see',
});

/** Publishes the next version. A critical that is not critical any more wants a reason. */
export const publishChecklist = route<typeof schemas.publishChecklist>({
  name: 'checklists.publish',
  method: 'POST',
  path: '/api/v1/checklists',
  act: 'edit-program',
});

/** Checklists being written, not published. */
export const listDrafts = route<typeof schemas.listDrafts>({
  name: 'drafts.list',
  method: 'GET',
  path: '/api/v1/checklist-drafts',
  act: 'edit-program',
});

export const saveDraft = route<typeof schemas.saveDraft>({
  name: 'drafts.save',
  method: 'PUT',
  path: '/api/v1/checklist-drafts/:key',
  act: 'edit-program',
});

export const dropDraft = route<typeof schemas.dropDraft>({
  name: 'drafts.drop',
  method: 'POST',
  path: '/api/v1/checklist-drafts/:key/drop',
  act: 'edit-program',
});
