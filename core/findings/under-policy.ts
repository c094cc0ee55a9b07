import { DAY_MS } from '@cadre/core/time';
import { isWorse, type PolicyVersion } from '@cadre/core/catalogue';
import type { Finding } from './finding';
import { limitFor } from './severity';

type Weights = Pick<PolicyVersion, 'soonDays' | 'soonOutings' | 'legal'>;

/**
 * An open finding as a new policy leaves it at `now`, or null when it leaves it as it is. A soon limit moves by as much as the policy's
 * does. Lacking legal equipment is raised to what the policy now says only where the policy itself got stricter: what the lead lowered stays
 * lowered. A severity is never lowered here: that is the lead's act, finding by finding, though the floor under it may be.
 */
export function underPolicy(finding: Finding, before: Weights, after: Weights, now: number): Finding | null {
  if (finding.state === 'closed') return null;
  const floor = finding.legal ? after.legal : finding.floor;
  if (finding.legal && isWorse(after.legal, before.legal) && isWorse(after.legal, finding.severity))
    return {
      ...finding,
      floor,
      severity: after.legal,
      limit: limitFor(after.legal, now, after),
      outingsUsed: 0,
    };
  const days = after.soonDays - before.soonDays;
  const outings = after.soonOutings - before.soonOutings;
  const limit =
    finding.limit && (days !== 0 || outings !== 0)
      ? { until: finding.limit.until + days * DAY_MS, outings: Math.max(1, finding.limit.outings + outings) }
      : finding.limit;
  return limit === finding.limit && floor === finding.floor ? null : { ...finding, floor, limit };
}
