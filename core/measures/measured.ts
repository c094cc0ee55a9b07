import type { ErrorParams, FieldCode, FieldIssue } from '@cadre/core/errors';

/** What a measure answers: a value, or every field that is wrong with what it is. Nothing returns NaN. */
export type Measured<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly FieldIssue[] };

export function measured<T>(value: T): Measured<T> {
  return { ok: true, value };
}

export function unmeasured(...issues: readonly FieldIssue[]): {
  readonly ok: false;
  readonly issues: readonly FieldIssue[];
} {
  return { ok: false, issues };
}

export function issue(path: string, code: FieldCode, params?: ErrorParams): FieldIssue {
  return params ? { path, code, params } : { path, code };
}

/** A number that can be in a range, ends included. */
export interface Field {
  readonly path: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly unit: string;
}

/** What is wrong with these numbers: not one at all, or outside what can be. All of them at once. */
export function fieldIssues(...fields: readonly Field[]): readonly FieldIssue[] {
  return fields.flatMap(({ path, value, least, most, unit }) => {
    if (typeof value !== 'number' || !Number.isFinite(value)) return [issue(path, 'not-a-number')];
    return value < least || value > most ? [issue(path, 'out-of-range', { least, most, unit })] : [];
  });
}

/** The same of numbers that may be missing: what is not known is not wrong. */
export function spareIssues(
  ...fields: readonly (Omit<Field, 'value'> & { readonly value: number | undefined })[]
): readonly FieldIssue[] {
  return fieldIssues(
    ...fields.flatMap(({ value, ...rest }) => (value === undefined ? [] : [{ ...rest, value }])),
  );
}

/** Readings on a limit are told from readings beside it to a billionth: less is how computers add. */
const TOLERANCE = 1e-9;

/** At a limit or past it upwards. */
export function reaches(value: number, limit: number): boolean {
  return value >= limit - TOLERANCE; // either way: the end of a billionth
}

/** At a limit or past it downwards. */
export function sinksTo(value: number, limit: number): boolean {
  return value <= limit + TOLERANCE; // either way: the end of a billionth
}

/** The middle of a list that is not empty; of an even one, between the two middle ones. */
export function median(values: readonly number[]): number {
  const inOrder = [...values].sort((a, b) => a - b);
  const middle = Math.floor(inOrder.length / 2);
  const upper = inOrder[middle] ?? 0;
  return inOrder.length % 2 === 1 ? upper : ((inOrder[middle - 1] ?? 0) + upper) / 2;
}
