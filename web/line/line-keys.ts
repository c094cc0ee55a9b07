import type { KeyHelp } from '@cadre/web/platform/keys';

export const LINE_KEYS: readonly KeyHelp[] = [
  { keys: '↑ ↓ ← →', does: 'From bike to bike, from look to look' },
  { keys: 'Space or S', does: 'Sound, and on to the next bike' },
  { keys: 'A', does: 'The whole row sound, where all its looks stand side by side' },
  { keys: '0 … 9', does: 'Type a reading; Enter takes it, Tab goes to the right' },
  { keys: 'F  W  P  N', does: 'Fault, watch, put right, not looked at' },
  { keys: 'D', does: 'Sound from here down' },
  { keys: 'U', does: 'Undo' },
];
