import type { KeyHelp } from '@cadre/web/platform/keys';
import * as t from './messages';

export const BATCH_KEYS: readonly KeyHelp[] = [
  { keys: '↑ ↓ ← →', does: t.fromBikeBikeFrom },
  { keys: t.spaceP, does: t.passOnNextBike },
  { keys: 'A', does: t.passWholeRowWhere },
  { keys: '0 … 9', does: t.typeReadingEnterTakes },
  { keys: 'F  W  X  S', does: t.failWatchFixedSkip },
  { keys: 'D', does: t.passFromHereDown2 },
  { keys: 'U', does: t.undo },
];
