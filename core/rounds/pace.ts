/** A signed check as far as pace goes. */
export interface TimedCheck {
  readonly by: string;
  readonly openedAt: number;
  readonly signedAt: number;
}

const MINUTE_MS = 60_000;
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

export interface Projection {
  readonly minutesEach: number;
  readonly finishAt: number;
  /** The 80 % interval of the finish. */
  readonly earliest: number;
  readonly latest: number;
  /** How many of this program's own checks it rests on. */
  readonly samples: number;
}

/** What the sheet's minutes are worth against the program's own: as much as so many checks. */
const PRIOR_CHECKS = 4;
/** How far a first guess from the sheet may be off, as a share of it. */
const PRIOR_SPREAD = 0.5;
const Z80 = 1.2816;

/**
 * When a round will be done: bikes left, shared by so many hands, at the minutes this program's own people needed, drawn towards
 * the sheet's minutes while there are few. The interval is of bike-to-bike spread and of how little is known of the mean.
 * `left` and `hands` of 0 or less, or a sheet that takes no time, are refused as null.
 */
export function projectFinish(input: {
  readonly now: number;
  readonly left: number;
  readonly hands: number;
  readonly own: readonly number[];
  readonly sheetMinutes: number;
}): Projection | null {
  const { now, left, hands, own, sheetMinutes } = input;
  if (!(left > 0) || !(hands > 0) || !(sheetMinutes > 0)) return null;
  const weight = own.length + PRIOR_CHECKS;
  const mean = (own.reduce((sum, each) => sum + each, 0) + PRIOR_CHECKS * sheetMinutes) / weight;
  const prior = (PRIOR_SPREAD * sheetMinutes) ** 2;
  const variance = (own.reduce((sum, each) => sum + (each - mean) ** 2, 0) + PRIOR_CHECKS * prior) / weight;
  const busy = Math.min(hands, left);
  const spread = (Z80 * Math.sqrt(left * variance + (left * left * variance) / weight)) / busy;
  const finish = (left * mean) / busy;
  const at = (minutes: number): number => Math.round(now + Math.max(0, minutes) * MINUTE_MS);
  return { minutesEach: mean, finishAt: at(finish), earliest: at(finish - spread), latest: at(finish + spread), samples: own.length };
}
