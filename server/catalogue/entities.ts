import { EntitySchema } from 'typeorm';
import type { PolicyVersion, ChecklistVersion } from '@cadre/core/catalogue';
import { digest, json, moment, uuid, whole, word, words, yes } from '@cadre/server/platform/database';

export interface ChecklistRow {
  hash: string;
  key: string;
  version: number;
  checklist: ChecklistVersion;
  /** Nobody: as shipped, or made by a repair. */
  publishedBy: string | null;
  publishedAt: Date | null;
  note: string;
  reason: string;
  /** As its document says: for questions about all bikes at once. */
  clears: boolean;
}
export const checklistEntity = new EntitySchema<ChecklistRow>({
  name: 'checklist_version',
  columns: {
    hash: digest({ primary: true }),
    key: word(),
    version: whole(),
    checklist: json(),
    publishedBy: uuid({ nullable: true }),
    publishedAt: moment({ nullable: true }),
    note: words(300),
    reason: words(300),
    clears: yes(),
  },
  indices: [{ name: 'checklist_key', columns: ['key', 'version'] }],
});

export interface PolicyRow {
  hash: string;
  version: number;
  policy: PolicyVersion;
  publishedBy: string | null;
  publishedAt: Date | null;
}
export const policyEntity = new EntitySchema<PolicyRow>({
  name: 'policy_version',
  columns: {
    hash: digest({ primary: true }),
    version: whole(),
    policy: json(),
    publishedBy: uuid({ nullable: true }),
    publishedAt: moment({ nullable: true }),
  },
  indices: [{ name: 'policy_version_number', columns: ['version'], unique: true }],
});

/** A checklist being written: what its lead saved last. Not published, asked of no bike. */
export interface ChecklistDraftRow {
  key: string;
  base: string | null;
  checklist: ChecklistVersion;
  savedBy: string;
  savedAt: Date;
  version: number;
}
export const checklistDraftEntity = new EntitySchema<ChecklistDraftRow>({
  name: 'checklist_draft',
  columns: {
    key: word({ primary: true }),
    base: digest({ nullable: true }),
    checklist: json(),
    savedBy: uuid(),
    savedAt: moment(),
    version: whole(),
  },
});
