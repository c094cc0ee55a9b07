import { parseRule, ruleText, type SheetVersion } from '@cadre/core/catalogue';
import { nearestOf } from '@cadre/core/spelling';
import * as z from 'zod/mini';
import type { SheetDocument } from './index';
import { checkpointFields, itemFields, sheetFields } from './sheet';

export const SHEET_FORMAT = 'cadre-sheet';

/** A sheet as a file: as in the program, but that rules are written as text. */
export const sheetDocument = z.object({
  format: z.literal(SHEET_FORMAT),
  schema: z.literal(2),
  sheet: z.object({
    ...sheetFields,
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
export interface SheetDocumentIssue {
  readonly path: string;
  readonly code: string;
  readonly word: string;
  readonly nearest: string | null;
}

export function writeSheetDocument(sheet: SheetVersion): SheetDocument {
  const { schema: _schema, version: _version, items, ...rest } = sheet;
  const written = items.map(({ checkpoint, ...item }) => ({
    ...item,
    checkpoint: { ...checkpoint, applies: ruleText(checkpoint.applies) },
  }));
  return JSON.parse(
    JSON.stringify({ format: SHEET_FORMAT, schema: 2, sheet: { ...rest, items: written } }),
  ) as SheetDocument;
}

function at(value: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (inside, step) => (inside as Record<PropertyKey, unknown> | undefined)?.[step],
    value,
  );
}

function issueOf(raw: unknown, issue: z.core.$ZodIssue): SheetDocumentIssue {
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
export function readSheetDocument(
  raw: unknown,
):
  | { readonly ok: true; readonly sheet: SheetVersion }
  | { readonly ok: false; readonly issues: readonly SheetDocumentIssue[] } {
  const parsed = sheetDocument.safeParse(raw);
  if (!parsed.success) return { ok: false, issues: parsed.error.issues.map((issue) => issueOf(raw, issue)) };
  const issues: SheetDocumentIssue[] = [];
  const items = parsed.data.sheet.items.flatMap(({ checkpoint, ...item }, index) => {
    const read = parseRule(checkpoint.applies);
    if (read.ok) return [{ ...item, checkpoint: { ...checkpoint, applies: read.rule } }];
    const { code, word, nearest } = read.problem;
    issues.push({ path: `sheet.items.${index}.checkpoint.applies`, code: `rule-${code}`, word, nearest });
    return [];
  });
  return issues.length > 0
    ? { ok: false, issues }
    : { ok: true, sheet: { ...parsed.data.sheet, schema: 2, version: 1, items } };
}
