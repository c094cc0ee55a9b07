import type { Mark } from '@cadre/core/checks';
import type { MarkRow } from './entities';

/** A mark as core knows it. */
export function markOf(row: MarkRow): Mark {
  const { checkId: _checkId, at, reading, ...rest } = row;
  return { ...rest, at: at.getTime(), ...(reading ? { reading } : {}) };
}
