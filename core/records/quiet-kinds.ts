import type { EntryKind } from './entry';

/** What happens to a bike every day and nobody tells: marks, hooks, outings and the like. They stand in the record; a timeline may leave them out. */
export const QUIET_KINDS: readonly EntryKind[] = [
  'bike.changed',
  'bike.hung',
  'bike.moved',
  'check.opened',
  'check.marked',
  'check.abandoned',
  'photo.added',
  'wait.set',
  'part.removed',
  'intake.priced',
];
