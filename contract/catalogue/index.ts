import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type { Checkpoint, SheetVersion } from '@cadre/core/catalogue';

export type PolicyChoices = Told<typeof schemas.policyChoices>;
export type SheetSummary = Told<typeof schemas.sheetSummary>;
export type SheetDocument = Told<typeof schemas.sheetDocument>;
export type { SheetDocumentIssue } from './document';

/** What would change, asked before it is saved. Writes nothing. */
export const previewPolicy = route<typeof schemas.previewPolicy>({
  name: 'policy.preview',
  method: 'POST',
  path: '/api/v1/policy/preview',
  act: 'edit-program',
});

export const publishPolicy = route<typeof schemas.publishPolicy>({
  name: 'policy.publish',
  method: 'POST',
  path: '/api/v1/policy',
  act: 'edit-program',
});

export const policyVersions = route<typeof schemas.policyVersions>({
  name: 'policy.versions',
  method: 'GET',
  path: '/api/v1/policy/versions',
  act: 'see',
});

/** The newest version of every published sheet, and the policy in force. */
export const listSheets = route<typeof schemas.listSheets>({
  name: 'sheets.list',
  method: 'GET',
  path: '/api/v1/sheets',
  act: 'see',
});

/** One version, whole. It never changes: what was read once may be kept. */
export const getSheet = route<typeof schemas.getSheet>({
  name: 'sheets.get',
  method: 'GET',
  path: '/api/v1/sheets/:hash',
  act: 'see',
});

/** Every version of a sheet, newest first: who published it when and why, and where it was used. */
export const sheetVersions = route<typeof schemas.sheetVersions>({
  name: 'sheets.versions',
  method: 'GET',
  path: '/api/v1/sheets/:key/versions',
  act: 'see',
});

/** Publishes the next version. A critical that is not critical any more wants a reason. */
export const publishSheet = route<typeof schemas.publishSheet>({
  name: 'sheets.publish',
  method: 'POST',
  path: '/api/v1/sheets',
  act: 'edit-program',
});

/** Sheets being written, not published. */
export const listDrafts = route<typeof schemas.listDrafts>({
  name: 'drafts.list',
  method: 'GET',
  path: '/api/v1/sheet-drafts',
  act: 'edit-program',
});

export const saveDraft = route<typeof schemas.saveDraft>({
  name: 'drafts.save',
  method: 'PUT',
  path: '/api/v1/sheet-drafts/:key',
  act: 'edit-program',
});

export const dropDraft = route<typeof schemas.dropDraft>({
  name: 'drafts.drop',
  method: 'POST',
  path: '/api/v1/sheet-drafts/:key/drop',
  act: 'edit-program',
});
