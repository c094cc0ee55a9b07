import { hash, id, instant, note, messages, text, version } from '@cadre/contract/http/schemas';
import * as z from 'zod/mini';
import { policyVersion } from './policy';
import { checklistVersion } from './checklist';

const key = z.string().check(z.regex(/^[a-z0-9-]{1,60}$/));

/** A published checklist without its prose: what a list needs. */
export const checklistSummary = z.object({
  hash,
  key: z.string(),
  version: z.int(),
  name: z.string(),
  purpose: z.string(),
  clears: z.boolean(),
  afterRideOut: z.boolean(),
  kinds: z.nullable(z.array(z.string())),
  items: z.int(),
  /** What it asks of the kinds it is for: at least, at most, and the minutes of the longest. */
  span: z.object({ least: z.int(), most: z.int(), minutes: z.number() }),
  /** Criticals of the catalogue it leaves out on some kind it is for, by name, and the reason a lead gave. */
  leavesOut: z.array(z.string()),
  reason: z.string(),
});

export const listChecklists = messages({
  answer: z.object({
    checklists: z.array(checklistSummary),
    policy: z.object({ hash, policy: policyVersion }),
  }),
});

export const getChecklist = messages({
  params: z.object({ hash }),
  answer: z.object({ hash, checklist: checklistVersion }),
});

export const checklistVersions = messages({
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

export const publishChecklist = messages({
  body: z.object({
    id,
    base: z.nullable(hash),
    checklist: checklistVersion,
    note: text(300),
    reason: note(300),
  }),
  answer: z.object({ hash, checklist: checklistVersion }),
});

const draft = z.object({
  key,
  base: z.nullable(hash),
  checklist: checklistVersion,
  savedBy: id,
  savedAt: instant,
  version,
});

export const listDrafts = messages({ answer: z.object({ drafts: z.array(draft) }) });

export const saveDraft = messages({
  params: z.object({ key }) /** `version` of the draft as it was opened; null for a new one. */,
  body: z.object({ id, base: z.nullable(hash), checklist: checklistVersion, version: z.nullable(version) }),
  answer: draft,
});

export const dropDraft = messages({
  params: z.object({ key }),
  body: z.object({ id }),
  answer: z.object({ done: z.literal(true) }),
});
