import { isStopNow, type Finding } from '@cadre/core/findings';
import { needsHold } from './evaluate';
import type { FitnessFacts, OpenTrace } from './facts';

export type ReleaseBlock =
  | { readonly code: 'not-repaired' | 'not-rechecked'; readonly finding: Finding }
  | { readonly code: 'not-reassembled'; readonly what: string }
  | { readonly code: 'repair-open' }
  | { readonly code: 'draft-stop'; readonly words: string }
  | { readonly code: 'report-unread' }
  | { readonly code: 'cause-not-excluded'; readonly trace: OpenTrace }
  | { readonly code: 'on-offer' };

export interface ReleaseReadiness {
  /** Whether there is a hold for a release to end. */
  readonly held: boolean;
  readonly blocks: readonly ReleaseBlock[];
}

/**
 * What stands between a held bike and its release. Ready when held with no blocks. Source: judging rule 9.
 * An incomplete check is not ended by a release, so it does not block one either.
 */
export function releaseReadiness(facts: FitnessFacts, now: number): ReleaseReadiness {
  const blocks: ReleaseBlock[] = [];
  for (const finding of facts.findings.filter((each) => isStopNow(each, now))) {
    if (finding.state === 'open' || finding.state === 'in-work')
      blocks.push({ code: 'not-repaired', finding });
    if (finding.state === 'repaired') blocks.push({ code: 'not-rechecked', finding });
  }
  for (const item of facts.notReassembled) blocks.push({ code: 'not-reassembled', what: item.what });
  if (facts.repairs.length > 0) blocks.push({ code: 'repair-open' });
  for (const draft of facts.draftStops) blocks.push({ code: 'draft-stop', words: draft.words });
  if (facts.reports.some((report) => report.holds)) blocks.push({ code: 'report-unread' });
  for (const trace of facts.traces ?? []) blocks.push({ code: 'cause-not-excluded', trace });
  if (facts.assessment) blocks.push({ code: 'on-offer' });
  return { held: facts.holds.length > 0 || needsHold(facts, now), blocks };
}
