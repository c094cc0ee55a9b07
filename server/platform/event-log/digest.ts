import { createHash } from 'node:crypto';
import { canonicalJson } from '@cadre/core/event-log';

export function sha256(text: string): string {
  return createHash('sha256').update(text, 'utf8').digest('hex');
}

/** The hash a document is known by. */
export function hashOf(document: unknown): string {
  return sha256(canonicalJson(document));
}
