import type { SiblingReason } from '@cadre/core/findings';
import * as t from './messages';

/** Why other bikes may have it too; `what` is the part, or the name of whose hands it was. */
export function siblingWords(because: SiblingReason, what: string): string {
  switch (because) {
    case 'same-part':
      return t.samePartWhat({ what });
    case 'same-hands':
      return t.recentlyRepairedHereWhat({ what });
    default:
      return t.sameModel;
  }
}
