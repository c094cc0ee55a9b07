import { coverageOf } from './coverage';
import type { Checkpoint } from './checkpoint';
import type { ChecklistVersion } from './checklist';
import type { Fitted } from './rule';

/** Why a complete check does not clear its bike. */
export type ClearsNot =
  | { readonly code: 'asks-nothing' }
  /** Another version was published since, on an earlier day than this one was begun or signed. */
  | { readonly code: 'superseded' }
  /** Criticals of this bike that the checklist leaves out without a lead's reason, by name. */
  | { readonly code: 'leaves-out'; readonly checkpoints: readonly string[] };

/**
 * Whether a complete check on this version can clear this bike, and if not, why. Source: complete or not at all.
 *
 * @param catalogue every checkpoint there is: what is critical on the bike is read off these
 * @param on when the check was begun, the end of that day at its site, and when it was signed; until when the version was the newest; the
 * reason a lead gave for what it leaves out
 */
export function clearsNot(
  checklist: Pick<ChecklistVersion, 'items' | 'between' | 'afterRideOut'>,
  fitted: Fitted,
  catalogue: readonly Checkpoint[],
  on: {
    readonly openedAt: number;
    readonly endOfDay: number;
    readonly signedAt: number;
    readonly supersededAt: number | null;
    readonly reason: string;
  },
): ClearsNot | null {
  const { asked, missed } = coverageOf(checklist, fitted, catalogue);
  if (asked === 0) return { code: 'asks-nothing' };
  const isItsDay = on.supersededAt !== null && on.supersededAt >= on.openedAt && on.signedAt <= on.endOfDay;
  if (on.supersededAt !== null && !isItsDay) return { code: 'superseded' };
  if (!checklist.afterRideOut && missed.length > 0 && on.reason === '')
    return { code: 'leaves-out', checkpoints: missed };
  return null;
}
