import { DAY_MS } from '@cadre/core/time';
import { isWorse, worstSeverity, type Fault, type PolicyVersion, type Severity } from '@cadre/core/catalogue';
import type { MarkedFault, Outcome } from '@cadre/core/checks';
import { accept, refuse, type Result } from '@cadre/core/errors';
import { mayAct, type Role } from '@cadre/core/people';
import type { Finding, SoonLimit } from './finding';

/**
 * The severity of a fault as marked: the greatest of its floor and what the person chose. A watch outcome
 * adds nothing of its own, and cannot make a fault lighter than its floor: saying "watch" of a fault
 * whose floor is stop is still a stop.
 */
export function severityOf(outcome: Outcome, floor: Severity, marked: MarkedFault): Severity {
  const chosen = outcome === 'watch' ? undefined : marked.severity;
  return chosen ? worstSeverity([floor, chosen]) : floor;
}

/** The least a fault may be given in this program: its floor, or more where local rules make its lack a stop. */
export function floorOf(
  fault: Pick<Fault, 'floor' | 'legal'>,
  policy: Pick<PolicyVersion, 'legal'>,
): Severity {
  return fault.legal ? worstSeverity([fault.floor, policy.legal]) : fault.floor;
}

/** The limit a soon finding carries from when it was found. Other severities carry none. */
export function limitFor(
  severity: Severity,
  since: number,
  policy: Pick<PolicyVersion, 'soonDays' | 'soonOutings'>,
): SoonLimit | null {
  return severity === 'soon'
    ? { until: since + policy.soonDays * DAY_MS, outings: policy.soonOutings }
    : null;
}

/** Whether this person may set the finding to this severity, and if not, why. Source: judging rule 3. */
export function maySetSeverity(
  person: { readonly role: Role; readonly trainee: boolean },
  finding: Pick<Finding, 'severity' | 'floor'>,
  to: Severity,
): Result<'raise' | 'lower'> {
  if (isWorse(to, finding.severity)) {
    return mayAct(person, 'raise-severity')
      ? accept('raise')
      : refuse('act.not-allowed', { act: 'raise-severity' });
  }
  if (!isWorse(finding.severity, to)) return refuse('severity.not-lower', { severity: to });
  if (!mayAct(person, 'lower-severity')) return refuse('act.not-allowed', { act: 'lower-severity' });
  if (finding.floor === 'stop') return refuse('severity.under-stop-floor');
  return accept('lower');
}
