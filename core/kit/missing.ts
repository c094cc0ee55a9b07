import type { PartNeed } from '@cadre/core/parts';
import type { KitFields, KitMissing, KitState } from './kit-item';

type Item = Pick<KitFields, 'tag' | 'contents'> & Pick<KitState, 'missing' | 'withdrawn'>;

/** What must be had to fill items up again: from spare parts, and what is bought elsewhere. Items no longer lent need nothing. */
export function kitNeeds(items: readonly Item[]): {
  readonly parts: readonly PartNeed[];
  readonly toBuy: readonly (KitMissing & { readonly tag: string })[];
} {
  const parts: PartNeed[] = [];
  const toBuy: (KitMissing & { tag: string })[] = [];
  for (const { tag, contents, missing, withdrawn } of items) {
    if (withdrawn !== null) continue;
    for (const { name, count } of missing) {
      const itemId = contents.find((each) => each.name === name)?.stockItemId ?? null;
      if (itemId === null) toBuy.push({ tag, name, count });
      else parts.push({ itemId, count, tag });
    }
  }
  return { parts, toBuy };
}
