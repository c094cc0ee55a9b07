import { parseRule, ruleText, type ChecklistVersion } from '@cadre/core/catalogue';
import { nearestOf } from '@cadre/core/spelling';
import * as z from 'zod/mini';
import type { ChecklistDocument } from './index';
import { checkpointFields, itemFields, checklistFields } from './checklist';

export const CHECKLIST_FORMAT = 'cadre-checklist';

/** A checklist as a file: as in the program, but that rules are written as text. */
export const checklistDocument = z.object({
  format: z.literal(CHECKLIST_FORMAT),
  schema: z.literal(2),
  checklist: z.object({
    ...checklistFields,
    items: z
      .array(
        z.object({
          checkpoint: z.object({ ...checkpointFields, applies: z.string().check(z.maxLength(600)) }),
          ...itemFields,
        }),
      )
      .check(z.maxLength(400)),
  }),
});

/** What is wrong with a file: where, the word that stands there, and the known word nearest to it. */
export interface ChecklistDocumentIssue {
  readonly path: string;
  readonly code: string;
  readonly word: string;
  readonly nearest: string | null;
}

export function writeChecklistDocument(checklist: ChecklistVersion): ChecklistDocument {
  const { schema: _schema, version: _version, items, ...rest } = checklist;
  const written = items.map(({ checkpoint, ...item }) => ({
    ...item,
    checkpoint: { ...checkpoint, applies: ruleText(checkpoint.applies) },
  }));
  return JSON.parse(
    JSON.stringify({ format: CHECKLIST_FORMAT, schema: 2, checklist: { ...rest, items: written } }),
  ) as ChecklistDocument;
}

function at(value: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (inside, step) => (inside as Record<PropertyKey, unknown> | undefined)?.[step],
    value,
  );
}

function issueOf(raw: unknown, issue: z.core.$ZodIssue): ChecklistDocumentIssue {
  const given = at(raw, issue.path);
  const word =
    typeof given === 'string' ? given : given === undefined ? '' : JSON.stringify(given).slice(0, 60);
  const known =
    'values' in issue
      ? (issue.values as readonly unknown[]).filter((each): each is string => typeof each === 'string')
      : [];
  return {
    path: issue.path.join('.'),
    code: given === undefined ? 'required' : issue.code,
    word,
    nearest: nearestOf(word, known),
  };
}

/** Reads a file. Everything wrong with it is told at once, unknown words with the nearest known one. */
export function readChecklistDocument(
  raw: unknown,
):
  | { readonly ok: true; readonly checklist: ChecklistVersion }
  | { readonly ok: false; readonly issues: readonly ChecklistDocumentIssue[] } {
  const parsed = checklistDocument.safeParse(raw);
  if (!parsed.success) return { ok: false, issues: parsed.error.issues.map((issue) => issueOf(raw, issue)) };
  const issues: ChecklistDocumentIssue[] = [];
  const items = parsed.data.checklist.items.flatMap(({ checkpoint, ...item }, index) => {
    const read = parseRule(checkpoint.applies);
    if (read.ok) return [{ ...item, checkpoint: { ...checkpoint, applies: read.rule } }];
    const { code, word, nearest } = read.problem;
    issues.push({ path: `checklist.items.${index}.checkpoint.applies`, code: `rule-${code}`, word, nearest });
    return [];
  });
  return issues.length > 0
    ? { ok: false, issues }
    : { ok: true, checklist: { ...parsed.data.checklist, schema: 2, version: 1, items } };
}
