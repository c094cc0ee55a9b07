import { hash, id, instant, note, route, text, version } from '@cadre/contract/http';
import * as z from 'zod/mini';
import { policyVersion } from './policy';
import { sheetVersion } from './sheet';

const key = z.string().check(z.regex(/^[a-z0-9-]{1,60}$/));

/** A published sheet without its prose: what a list needs. */
export const sheetSummary = z.object({
  hash,
  key: z.string(),
  version: z.int(),
  name: z.string(),
  purpose: z.string(),
  clears: z.boolean(),
  afterRideOut: z.boolean(),
  kinds: z.nullable(z.array(z.string())),
  items: z.int(),
  criticals: z.int(),
  /** What it asks of the kinds it is for: at least, at most, and the minutes of the longest. */
  span: z.object({ least: z.int(), most: z.int(), minutes: z.number() }),
});
export type SheetSummary = z.infer<typeof sheetSummary>;

/** The newest version of every published sheet, and the policy in force. */
export const listSheets = route({
  name: 'sheets.list',
  method: 'GET',
  path: '/api/v1/sheets',
  act: 'see',
  answer: z.object({ sheets: z.array(sheetSummary), policy: z.object({ hash, policy: policyVersion }) }),
});

/** One version, whole. It never changes: what was read once may be kept. */
export const getSheet = route({
  name: 'sheets.get',
  method: 'GET',
  path: '/api/v1/sheets/:hash',
  act: 'see',
  params: z.object({ hash }),
  answer: z.object({ hash, sheet: sheetVersion }),
});

/** Every version of a sheet, newest first: who published it when and why, and where it was used. */
export const sheetVersions = route({
  name: 'sheets.versions',
  method: 'GET',
  path: '/api/v1/sheets/:key/versions',
  act: 'see',
  params: z.object({ key }),
  answer: z.object({
    versions: z.array(
      z.object({
        hash,
        version: z.int(),
        publishedBy: z.nullable(id),
        publishedAt: z.nullable(instant),
        note: z.string(),
        reason: z.string(),
        checks: z.int(),
        bikes: z.int(),
        lastUsedAt: z.nullable(instant),
      }),
    ),
  }),
});

/** Publishes the next version. A critical that is not critical any more wants a reason. */
export const publishSheet = route({
  name: 'sheets.publish',
  method: 'POST',
  path: '/api/v1/sheets',
  act: 'edit-program',
  body: z.object({ id, base: z.nullable(hash), sheet: sheetVersion, note: text(300), reason: note(300) }),
  answer: z.object({ hash, sheet: sheetVersion }),
});

const draft = z.object({
  key,
  base: z.nullable(hash),
  sheet: sheetVersion,
  savedBy: id,
  savedAt: instant,
  version,
});

/** Sheets being written, not published. */
export const listDrafts = route({
  name: 'drafts.list',
  method: 'GET',
  path: '/api/v1/sheet-drafts',
  act: 'edit-program',
  answer: z.object({ drafts: z.array(draft) }),
});

export const saveDraft = route({
  name: 'drafts.save',
  method: 'PUT',
  path: '/api/v1/sheet-drafts/:key',
  act: 'edit-program',
  params: z.object({ key }),
  /** `version` of the draft as it was opened; null for a new one. */
  body: z.object({ id, base: z.nullable(hash), sheet: sheetVersion, version: z.nullable(version) }),
  answer: draft,
});

export const dropDraft = route({
  name: 'drafts.drop',
  method: 'POST',
  path: '/api/v1/sheet-drafts/:key/drop',
  act: 'edit-program',
  params: z.object({ key }),
  body: z.object({ id }),
  answer: z.object({ done: z.literal(true) }),
});
