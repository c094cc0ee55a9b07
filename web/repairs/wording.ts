import type { FindingState } from '@cadre/core/findings';
import type { ReleaseBlock } from '@cadre/core/fitness';
import type { Touch } from '@cadre/core/catalogue';
import { assertNever } from '@cadre/core/errors';

export const TOUCH_WORDS: Record<Touch, string> = {
  'axle-out': 'Wheel out',
  'tyre-off': 'Tyre or tube off',
  'air-out': 'Tyre let down',
  'wheel-trued': 'Wheel trued',
  'hub-bearings': 'Hub bearings',
  'brake-work': 'Brake worked on',
  'stem-headset': 'Stem or headset',
  'bar-levers-grips': 'Bar, levers or grips',
  'cranks-pedals': 'Cranks or pedals',
  'chain-sprockets': 'Chain or sprockets',
  'gears-set': 'Gears set',
  'saddle-post': 'Saddle or post',
  'rear-suspension': 'Rear suspension',
  'fork-suspension': 'Suspension fork',
  'assist-wiring': 'Battery, motor, wiring',
  accessories: 'Accessories',
};

export const STATE_WORDS: Record<FindingState, string> = {
  open: 'to repair',
  'in-work': 'in work',
  repaired: 'repaired, look again',
  rechecked: 'recheck passed, waits for release',
  closed: 'closed',
};

/** What still stands before the release, as something to do. */
export function blockWords(block: ReleaseBlock): string {
  switch (block.code) {
    case 'not-repaired':
      return `Repair: ${block.finding.words.fault.toLowerCase()}`;
    case 'not-rechecked':
      return `Look again: ${block.finding.words.fault.toLowerCase()}`;
    case 'not-reassembled':
      return `Put together: ${block.what}`;
    case 'repair-open':
      return 'A repair is not finished and looked at again';
    case 'draft-stop':
      return `Sign the check that marks: ${block.words}`;
    case 'report-unread':
      return 'Read the rider’s report';
    case 'on-offer':
      return 'Decide the assessment: it is on offer, not of the fleet';
    default:
      return assertNever(block);
  }
}
