import { resolveMarks } from './resolve-marks';
import type { Mark, MarkedFault, Reading } from './mark';
import type { Outcome } from './outcome';

/** A signed check with its marks. */
export interface SignedLooks {
  readonly signedAt: number;
  readonly marks: readonly Mark[];
}

/** What was found the last time somebody looked at one question of a bike. */
export interface LastLook {
  readonly key: string;
  readonly outcome: Outcome;
  readonly faults: readonly MarkedFault[];
  readonly note: string;
  /** The newest reading of it, which may be older than the look itself. */
  readonly reading: Reading | null;
  readonly readAt: number | null;
  readonly by: string;
  readonly at: number;
}

/** The newest look at each question among signed checks, in any order. `not looked at` is no look. */
export function lastLooks(checks: readonly SignedLooks[]): readonly LastLook[] {
  const newest = new Map<string, LastLook>();
  for (const { marks, signedAt } of [...checks].sort((a, b) => b.signedAt - a.signedAt)) {
    for (const { key, outcome, faults, marks: standing } of resolveMarks(marks).values()) {
      const worst = standing[0];
      if (outcome === 'skipped' || !worst) continue;
      const reading = standing.find((mark) => mark.reading)?.reading ?? null;
      const readAt = reading ? signedAt : null;
      const newer = newest.get(key);
      if (!newer)
        newest.set(key, {
          key,
          outcome,
          faults,
          note: worst.note,
          reading,
          readAt,
          by: worst.author,
          at: signedAt,
        });
      else if (!newer.reading && reading) newest.set(key, { ...newer, reading, readAt });
    }
  }
  return [...newest.values()].sort((a, b) => (a.key < b.key ? -1 : 1));
}
