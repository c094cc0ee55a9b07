import type { Position, Rule, Severity, Work, Zone } from '@cadre/core/catalogue';
import type { Place } from '@cadre/core/checks';
import type { Measure, NextStep, Sourced } from '@cadre/core/measures';

/** open → in work (repair started) → repaired (repair done) → rechecked (passed again) → closed. */
export const FINDING_STATES = ['open', 'in-work', 'repaired', 'rechecked', 'closed'] as const;
export type FindingState = (typeof FINDING_STATES)[number];

/** A watch or fault that stays on the bike until closed. Its words are frozen when it is found. */
export interface Finding {
  readonly id: string;
  readonly checkpoint: string;
  readonly position: Position;
  readonly fault: string;
  readonly zone: Zone;
  readonly place: Place | null;
  readonly severity: Severity;
  /** The least the fault may be given. */
  readonly floor: Severity;
  /** Equipment local rules ask for: the policy says how its lack weighs. */
  readonly legal?: true | undefined;
  readonly state: FindingState;
  readonly openedAt: number;
  readonly openedBy: string;
  readonly lastSeenAt: number;
  readonly timesSeen: number;
  /** For soon: it may ride until then, or for so many outings, whichever comes first. */
  readonly limit: SoonLimit | null;
  readonly outingsUsed: number;
  readonly repairedBy: string | null;
  readonly measured?: MeasuredFault | undefined;
  /** What putting it right disturbs at the least, as the catalogue said when it was found; absent: the usual work of its zone. */
  readonly work?: readonly Work[] | undefined;
  /** On which builds its question is asked, as the catalogue said when it was found; absent: on every one. */
  readonly applies?: Rule | undefined;
  readonly words: FindingWords;
}

/** The reading that speaks for a finding: value and limit in the measure's unit, where the limit comes from, what it asks for. */
export interface MeasuredFault {
  readonly measure: Measure;
  readonly value: number;
  readonly limit: Sourced | null;
  readonly next: NextStep;
}

export interface SoonLimit {
  readonly until: number;
  readonly outings: number;
}

export interface FindingWords {
  readonly checkpoint: string;
  readonly fault: string;
  readonly doNext: string;
  readonly toMechanic: boolean;
  readonly note: string;
}

/** The fault of something fixed on the spot at one place again and again. */
export const KEEPS_COMING_BACK = 'keeps-coming-back';

/** Whether a soon finding has used up its time or outings. On the limit counts as past it. */
export function isOverdue(
  finding: Pick<Finding, 'severity' | 'limit' | 'outingsUsed'>,
  now: number,
): boolean {
  return (
    finding.severity === 'soon' &&
    finding.limit !== null &&
    (now >= finding.limit.until || finding.outingsUsed >= finding.limit.outings)
  );
}

/** Whether it keeps the bike off the trail now: a stop, or a soon past its limit. */
export function isStopNow(
  finding: Pick<Finding, 'severity' | 'limit' | 'outingsUsed'>,
  now: number,
): boolean {
  return finding.severity === 'stop' || isOverdue(finding, now);
}
