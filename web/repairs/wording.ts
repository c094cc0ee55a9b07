import type { FindingState } from '@cadre/core/findings';
import type { ReleaseBlock } from '@cadre/core/fitness';
import { assertNever } from '@cadre/core/errors';
import * as t from './messages';

export const STATE_WORDS: Record<FindingState, string> = {
  open: t.toRepair,
  'in-work': t.inRepair2,
  repaired: t.repairedRecheck,
  rechecked: t.recheckPassedWaitingFor,
  closed: t.closed,
};

/** What still stands before the release, as something to do. */
export function blockWords(block: ReleaseBlock): string {
  switch (block.code) {
    case 'not-repaired':
      return t.repairFault({ fault: block.finding.words.fault.toLowerCase() });
    case 'not-rechecked':
      return t.recheckFault({ fault: block.finding.words.fault.toLowerCase() });
    case 'not-reassembled':
      return t.reassembleWhat({ what: block.what });
    case 'repair-open':
      return t.finishRecheckOpenRepair;
    case 'draft-stop':
      return t.signCheckMarksWords({ words: block.words });
    case 'report-unread':
      return t.readRidersReport;
    case 'cause-not-excluded':
      return t.excludeCauses({ causes: block.trace.causes.join(', ') });
    case 'on-offer':
      return t.decideUsedBikeAssessment;
    default:
      return assertNever(block);
  }
}
