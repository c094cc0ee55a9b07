import type { FindingState } from '@cadre/core/findings';
import type { ReleaseBlock } from '@cadre/core/fitness';
import type { Touch } from '@cadre/core/catalogue';
import { assertNever } from '@cadre/core/errors';
import * as t from './messages';

export const TOUCH_WORDS: Record<Touch, string> = {
  'axle-out': t.wheelRemoved,
  'tyre-off': t.tyreTubeRemoved,
  'air-out': t.tyreDeflated,
  'wheel-trued': t.wheelTrued,
  'hub-bearings': t.hubBearingsAdjusted,
  'brake-work': t.brakeRepairedAdjusted,
  'stem-headset': t.stemHeadset,
  'bar-levers-grips': t.barLeversGrips,
  'cranks-pedals': t.cranksPedals,
  'chain-sprockets': t.chainSprockets,
  'gears-set': t.gearsAdjusted,
  'saddle-post': t.saddlePost,
  'rear-suspension': t.rearSuspension,
  'fork-suspension': t.suspensionFork,
  'assist-wiring': t.batteryMotorWiring,
  accessories: t.accessories,
};

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
    case 'on-offer':
      return t.decideUsedBikeAssessment;
    default:
      return assertNever(block);
  }
}
