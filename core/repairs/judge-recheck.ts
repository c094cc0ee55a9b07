import { isStopNow, type Finding } from '@cadre/core/findings';
import { questionKey, type PolicyVersion } from '@cadre/core/catalogue';
import type { Answer } from '@cadre/core/checks';
import { accept, refuse, type Result } from '@cadre/core/errors';

export interface RecheckInput {
  /** The findings the repair worked on, as they stand now. */
  readonly repaired: readonly Finding[];
  readonly answers: ReadonlyMap<string, Answer>;
  /** Whether every question of the recheck was looked at. */
  readonly complete: boolean;
  readonly signedBy: string;
  readonly policy: Pick<PolicyVersion, 'secondPersonZones'>;
  readonly now: number;
}

/** Findings whose recheck by this person would not count, as policy wants a second person there: stops, and soons past their limit. */
export function needingSecondPerson(
  repaired: readonly Finding[],
  person: string,
  policy: Pick<PolicyVersion, 'secondPersonZones'>,
  now: number,
): readonly Finding[] {
  return repaired.filter(
    (finding) =>
      finding.repairedBy === person &&
      isStopNow(finding, now) &&
      policy.secondPersonZones.includes(finding.zone),
  );
}

/**
 * What a signed recheck does to the findings the repair worked on: passed again is rechecked when a
 * release must follow, closed when none is needed. What failed again is told by `judgeCheck`.
 */
export function judgeRecheck(input: RecheckInput): Result<readonly Finding[]> {
  const second = needingSecondPerson(input.repaired, input.signedBy, input.policy, input.now);
  if (second.length > 0)
    return refuse('recheck.second-person', { faults: second.map((finding) => finding.words.fault) });
  if (!input.complete) return accept([]);
  const sound = input.repaired.filter((finding) => {
    const outcome = input.answers.get(questionKey(finding))?.outcome;
    return finding.state === 'repaired' && (outcome === 'pass' || outcome === 'fixed');
  });
  return accept(
    sound.map((finding) => ({
      ...finding,
      state: isStopNow(finding, input.now) ? ('rechecked' as const) : ('closed' as const),
    })),
  );
}
