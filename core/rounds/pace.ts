import { MINUTE_MS } from '@cadre/core/time';
/** A signed check as far as pace goes. */
export interface TimedCheck {
  readonly by: string;
  readonly openedAt: number;
  readonly signedAt: number;
}

/** A pause this many times as long as the check itself is a pause, not the way to the next bike. */
const PAUSE_FACTOR = 4;
const LEAST_PAUSE_MS = 5 * MINUTE_MS;

/**
 * Minutes a bike as this program's people really need, the way to it included: from one's signature to one's next where no pause
 * lies between, else from opening to signature. Checks that lay open for hours say nothing of pace and are left out.
 */
export function minutesEach(checks: readonly TimedCheck[]): readonly number[] {
  const own = [...checks].sort((a, b) => a.signedAt - b.signedAt);
  const lastOf = new Map<string, number>();
  const took = own.flatMap((check) => {
    const itself = check.signedAt - check.openedAt;
    const since = check.signedAt - (lastOf.get(check.by) ?? -Infinity);
    lastOf.set(check.by, check.signedAt);
    if (itself <= 0) return [];
    return [since > 0 && since <= Math.max(LEAST_PAUSE_MS, itself * PAUSE_FACTOR) ? since : itself];
  });
  const middle = [...took].sort((a, b) => a - b)[Math.floor(took.length / 2)] ?? 0;
  return took.filter((ms) => ms <= middle * PAUSE_FACTOR).map((ms) => ms / MINUTE_MS);
}
