import type { SiblingReason } from '@cadre/core/findings';

/** Why other bikes may have it too; `what` is the part, or the name of whose hands it was. */
export function siblingWords(because: SiblingReason, what: string): string {
  switch (because) {
    case 'same-part':
      return `Same part: ${what}`;
    case 'same-hands':
      return `Worked on here by ${what} of late`;
    default:
      return 'Same model';
  }
}
