import type { SlipBecause } from '@cadre/core/campaign';
import * as t from './messages';

/** Why a bike is not done in time, and what would help. */
export const SLIP_WORDS: Readonly<Record<SlipBecause, string>> = {
  nobody: t.becauseNobody,
  'parts-late': t.becauseParts,
  'too-long': t.becauseTooLong,
  'no-room': t.becauseNoRoom,
};
