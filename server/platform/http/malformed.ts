import type { FieldIssue } from '@cadre/core/errors';
import { isWellFormed } from '@cadre/core/text';

/** No agreed body is deeper: the deepest are rules, and those nest a few times. */
const DEEPEST = 48;

/**
 * What is wrong with a value whatever its schema: lone surrogates, which the database cannot store, and nesting deep enough to overflow the
 * stack of whatever walks it next. This walk is a loop for the same reason. Null when there is nothing wrong.
 */
export function malformed(value: unknown): FieldIssue | null {
  const open: { readonly value: unknown; readonly path: readonly string[] }[] = [{ value, path: [] }];
  for (let at = open.pop(); at; at = open.pop()) {
    const { value: here, path } = at;
    if (typeof here === 'string' && !isWellFormed(here)) return { path: path.join('.'), code: 'broken-text' };
    if (typeof here !== 'object' || here === null) continue;
    if (path.length === DEEPEST) return { path: path.slice(0, 3).join('.'), code: 'too-deep' };
    for (const [name, inner] of Object.entries(here)) {
      if (!isWellFormed(name)) return { path: path.join('.'), code: 'broken-text' };
      open.push({ value: inner, path: [...path, name] });
    }
  }
  return null;
}
