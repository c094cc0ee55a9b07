/** The last signed checks of one bike on one version of a checklist. */
export interface ChecklistHistory {
  readonly checklistHash: string;
  readonly checklistKey: string;
  readonly clears: boolean;
  readonly afterRideOut: boolean;
  /** When the newest complete and the newest incomplete one were signed; null when there is none. */
  readonly lastComplete: number | null;
  readonly lastIncomplete: number | null;
}

export interface StandingCheck {
  readonly checklistHash: string;
  readonly signedAt: number;
  readonly complete: boolean;
}

const latest = (times: readonly (number | null)[]): number =>
  Math.max(-Infinity, ...times.map((time) => time ?? -Infinity));

/** When what this incomplete check left open was looked at after all: a complete one of its checklist, or of a ride-out for one that clears. */
function endedAt(incomplete: ChecklistHistory, all: readonly ChecklistHistory[]): number {
  return latest(
    all
      .filter(
        (each) =>
          each.checklistKey === incomplete.checklistKey ||
          (incomplete.clears && each.clears && !each.afterRideOut),
      )
      .map((each) => each.lastComplete),
  );
}

/**
 * The check that speaks for a bike: the newest incomplete one that nothing has completed since, whatever else was looked at
 * meanwhile; else the newest on a checklist that clears, else the newest of all. Source: judging rules 6 and 8: a lubed chain
 * completes no ride-out, and a ride-out no look after a crash.
 */
export function standingCheck(history: readonly ChecklistHistory[]): StandingCheck | null {
  const open = history
    .filter((each) => each.lastIncomplete !== null && each.lastIncomplete >= endedAt(each, history))
    .map((each) => ({
      checklistHash: each.checklistHash,
      signedAt: each.lastIncomplete ?? 0,
      complete: false,
    }));
  const whole = (which: readonly ChecklistHistory[]): StandingCheck[] =>
    which.flatMap(({ checklistHash, lastComplete }) =>
      lastComplete === null ? [] : [{ checklistHash, signedAt: lastComplete, complete: true }],
    );
  const newest = (checks: readonly StandingCheck[]): StandingCheck | null =>
    // either way: of two signed in the same millisecond either speaks
    checks.reduce<StandingCheck | null>(
      (best, each) => (!best || each.signedAt > best.signedAt ? each : best),
      null,
    );
  return newest(open) ?? newest(whole(history.filter((each) => each.clears))) ?? newest(whole(history));
}
