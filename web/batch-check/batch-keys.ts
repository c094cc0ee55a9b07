import type { KeyHelp } from '@cadre/web/platform/keys';
import * as t from './messages';

export const BATCH_KEYS: readonly KeyHelp[] = [
  { keys: '↑ ↓ ← →', does: t.moveBetweenBikesQuestions },
  { keys: t.spaceP, does: t.passThenNextBike },
  { keys: 'A', does: t.passWholeRowWhere },
  { keys: '0 … 9', does: t.typeReadingEnterSaves },
  { keys: 'F  W  X  S', does: t.failWatchFixedSkip },
  { keys: 'D', does: t.passAllBelow },
  { keys: 'U', does: t.undo },
];
