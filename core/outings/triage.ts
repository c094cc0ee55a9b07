import type { Conditions, ReturnPolicy } from '@cadre/core/catalogue';
import type { ReturnWay } from './outing';

/** The checklist a bike is due for when the policy wants more than a turnaround. */
export const RETURN_CHECKLIST = 'return';

/** Why a bike that came back is due for the return checklist. */
export const RETURN_CAUSES = ['hard', 'conditions', 'outings'] as const;
export type ReturnCause = (typeof RETURN_CAUSES)[number];

/**
 * What a bike is due for when it is back: the return checklist, with why, or null, which leaves the turnaround. Limits: the policy's.
 * An incident has a checklist of its own and wants no return check besides it.
 *
 * @param outingsSince outings since its last return check, this one counted: 1 or more
 */
export function triageReturn(
  back: { readonly way: ReturnWay; readonly conditions: Conditions; readonly outingsSince: number },
  policy: ReturnPolicy,
): ReturnCause | null {
  if (back.way === 'incident') return null;
  if (back.way === 'hard' && policy.afterHard) return 'hard';
  if (policy.conditions.includes(back.conditions)) return 'conditions';
  return policy.everyOutings !== null && back.outingsSince >= policy.everyOutings ? 'outings' : null;
}
