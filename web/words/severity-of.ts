import { isStopNow, type Finding } from '@cadre/core/findings';
import { dayAndClock } from '@cadre/web/platform/time';
import { SEVERITY_WORDS } from './checkpoint-words';
import * as t from './messages';

/** The severity of a finding as people act on it: "Fix by 4 Dec or within 10 outings", and past that limit, that it is past it. */
export function severityOfFinding(
  finding: Pick<Finding, 'severity' | 'limit' | 'outingsUsed'>,
  now: number,
  timeZone?: string,
): string {
  const { severity, limit, outingsUsed } = finding;
  if (severity !== 'soon' || !limit) return SEVERITY_WORDS[severity];
  if (isStopNow(finding, now)) return t.pastItsFixLimit;
  return t.fixWhenWithinOuting({
    when: dayAndClock(limit.until, now, timeZone),
    outings: Math.max(0, limit.outings - outingsUsed),
  });
}
