import type { FieldIssue } from '@cadre/core/errors';
import { isWhole } from '@cadre/core/text';

/** No agreed body is deeper: the deepest are rules, and those nest a few times. */
const DEEPEST = 48;

/**
 * What no schema need look at: halves of letters, which the database cannot hold, and nesting that would have whatever walks it run out of
 * stack. Walked without calling itself, for the same reason. Null when all of it can be read.
 */
export function unreadable(value: unknown): FieldIssue | null {
  const open: { readonly value: unknown; readonly path: readonly string[] }[] = [{ value, path: [] }];
  for (let at = open.pop(); at; at = open.pop()) {
    const { value: here, path } = at;
    if (typeof here === 'string' && !isWhole(here)) return { path: path.join('.'), code: 'half-letter' };
    if (typeof here !== 'object' || here === null) continue;
    if (path.length === DEEPEST) return { path: path.slice(0, 3).join('.'), code: 'too-deep' };
    for (const [name, inner] of Object.entries(here)) {
      if (!isWhole(name)) return { path: path.join('.'), code: 'half-letter' };
      open.push({ value: inner, path: [...path, name] });
    }
  }
  return null;
}
