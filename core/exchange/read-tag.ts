import type { RowIssue } from './planned';

const TAG = /^[A-Z0-9][A-Z0-9-]{0,11}$/;

/** A tag as lists write it: capitals, without stray spaces. What does not fit the form is told with the nearest that would. */
export function readTag(text: string, issues: RowIssue[]): string {
  const tag = text.trim().toUpperCase();
  if (tag === '') {
    issues.push({ column: 'tag', code: 'tag-missing', value: '', correction: null });
    return '';
  }
  if (TAG.test(tag)) return tag;
  const correction = tag
    .replace(/[^A-Z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 12);
  issues.push({
    column: 'tag',
    code: 'tag-form',
    value: text.trim(),
    correction: TAG.test(correction) ? correction : null,
  });
  return tag;
}
