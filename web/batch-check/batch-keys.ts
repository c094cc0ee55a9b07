import type { KeyHelp } from '@cadre/web/platform/keys';

export const BATCH_KEYS: readonly KeyHelp[] = [
  { keys: '↑ ↓ ← →', does: 'From bike to bike, from look to look' },
  { keys: 'Space or P', does: 'Pass, and on to the next bike' },
  { keys: 'A', does: 'Pass the whole row, where all its questions stand side by side' },
  { keys: '0 … 9', does: 'Type a reading; Enter takes it, Tab goes to the right' },
  { keys: 'F  W  X  S', does: 'Fail, watch, fixed, skip' },
  { keys: 'D', does: 'Pass from here down' },
  { keys: 'U', does: 'Undo' },
];
