import type { Checkpoint, Position } from '@cadre/core/catalogue';
import type { Trace } from './trace';

/**
 * Where on the bike a cause is written down: at the end the search is at, where its checkpoint is asked there.
 *
 * @param at where the cause's checkpoint is asked
 */
export function positionOfCause(
  at: Checkpoint['at'],
  trace: Pick<Trace, 'at'>,
  position: Position,
): Position {
  const end = trace.at ?? position;
  if (end !== 'only' && end in at) return end;
  if ('only' in at) return 'only';
  return 'rear' in at ? 'rear' : 'front';
}
