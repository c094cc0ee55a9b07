import type { PolicyVersion } from '@cadre/core/catalogue';
import { accept, refuse, type Result } from '@cadre/core/errors';
import { isStopNow, type Finding } from './finding';

export interface CloseUnasked {
  readonly finding: Finding;
  /** Whether its question is still asked of the bike as it is built now. */
  readonly isAsked: boolean;
  readonly by: string;
  readonly policy: Pick<PolicyVersion, 'secondPersonZones'>;
  readonly now: number;
}

/**
 * A finding whose part is no longer on the bike, closed by name. A look would end it otherwise, and nobody can look at what is not there. What held the
 * bike waits for its release as after any repair. Refused while the question is still asked, while a repair has it in work, and to the person who repaired
 * it where the policy wants a second one.
 */
export function closeUnasked({ finding, isAsked, by, policy, now }: CloseUnasked): Result<Finding> {
  const fault = finding.words.fault;
  if (isAsked) return refuse('finding.still-asked', { fault });
  if (finding.state === 'in-work') return refuse('repair.finding-in-work', { fault });
  if (finding.state !== 'open' && finding.state !== 'repaired')
    return refuse('repair.finding-not-open', { fault });
  const isStop = isStopNow(finding, now);
  if (isStop && finding.repairedBy === by && policy.secondPersonZones.includes(finding.zone))
    return refuse('recheck.second-person', { faults: [fault] });
  return accept({ ...finding, state: isStop ? 'rechecked' : 'closed' });
}
