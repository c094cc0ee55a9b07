import { fieldIssues, issue, measured, reaches, sinksTo, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices, type LimitSource, type Sourced } from './limits';

/** The air around at sea level, kPa. */
export const SEA_LEVEL = 101.325;
/** What a gauge may be off, kPa, unless its accuracy is known. */
export const GAUGE_ACCURACY = 3.5;
/** What putting a gauge on lets out, kPa. */
export const CONNECTING_LOSS = 2;
/** Less time than this tells a slow leak from the gauge by chance only, hours. */
export const LEAST_HOURS = 6;
/** How much the air in a tyre may cool between two readings where nobody noted it, K, from a mild day, K. */
const COOLING = { from: 293.15, by: 10 } as const;
const KELVIN = 273.15;
const DAY_HOURS = 24;

/** The air around at a height above the sea, kPa. Source: the standard atmosphere's lower layer. Height -400 to 5000 m. */
export function sitePressure(altitudeM: number): Measured<number> {
  const wrong = fieldIssues({ path: 'altitude', value: altitudeM, least: -400, most: 5000, unit: 'm' });
  return wrong.length > 0
    ? unmeasured(...wrong)
    : measured(SEA_LEVEL * (1 - 2.25577e-5 * altitudeM) ** 5.25588);
}

export interface Leak {
  /** Gauge readings, kPa, and the hours between them. */
  readonly before: number;
  readonly after: number;
  readonly hours: number;
  /** The air around, kPa. */
  readonly site?: number | undefined;
  /** Of the air in the tyre, degrees Celsius; corrected for when both are known. */
  readonly warmthBefore?: number | undefined;
  readonly warmthAfter?: number | undefined;
  readonly accuracyBefore?: number | undefined;
  readonly accuracyAfter?: number | undefined;
  /** The floor of the tyre's window, kPa, when known. */
  readonly floor?: number | undefined;
  /** Where that floor comes from; absent: marked. */
  readonly floorSource?: LimitSource | undefined;
  /** When it is looked at next, hours from the second reading. */
  readonly nextLookHours?: number | undefined;
}

export interface LeakAnswer {
  readonly outcome: 'pass' | 'fail' | 'too-soon';
  readonly becomes: 'nothing' | 'soon';
  /** What decided. */
  readonly because: 'floor' | 'rate' | 'holds' | 'hours' | 'gauges';
  readonly limit: Sourced;
  /** Share of the first gauge reading lost a day, with what the gauges leave open. */
  readonly perDay: number;
  readonly perDayLeast: number;
  readonly perDayMost: number;
  /** The second reading brought to the warmth of the first, kPa. */
  readonly corrected: number;
  /** Hours from the second reading until the floor, at this rate; null where it is not known or never reached. */
  readonly hoursToFloor: number | null;
}

/** Hours until nothing is left of so much above a floor, at a rate an hour; null when it is not sinking. */
function hoursUntil(above: number, perHour: number): number | null {
  if (sinksTo(above, 0)) return 0;
  return sinksTo(perHour, 0) ? null : above / perHour;
}

/**
 * How fast a tyre loses air, from two gauge readings, kPa, hours apart. Absolute = gauge + site; the second is brought to the first's temperature when both are known. The
 * interval is what both gauges may be off, together, and what connecting let out. Under six hours, or while the interval is wider
 * than the rate and does not settle the matter alone, it is too soon to say; a loss that is certain, with both gauges at their worst and the air cooled by 10 K where no
 * temperature was noted, is judged whatever the hours. A floor reached before the next look, or a tenth a day: soon. Limits: the floor's own source; the rate policy, else default.
 */
export function leak(input: Leak, choices: LimitChoices): Measured<LeakAnswer> {
  const {
    before,
    after,
    hours,
    site = SEA_LEVEL,
    accuracyBefore = GAUGE_ACCURACY,
    accuracyAfter = GAUGE_ACCURACY,
  } = input;
  const wrong = fieldIssues(
    { path: 'before', value: before, least: 20, most: 1100, unit: 'kPa' },
    { path: 'after', value: after, least: 0, most: 1100, unit: 'kPa' },
    { path: 'site', value: site, least: 50, most: 110, unit: 'kPa' },
    { path: 'accuracyBefore', value: accuracyBefore, least: 0, most: 100, unit: 'kPa' },
    { path: 'accuracyAfter', value: accuracyAfter, least: 0, most: 100, unit: 'kPa' },
    ...(input.warmthBefore === undefined
      ? []
      : [{ path: 'warmthBefore', value: input.warmthBefore, least: -40, most: 80, unit: '°C' }]),
    ...(input.warmthAfter === undefined
      ? []
      : [{ path: 'warmthAfter', value: input.warmthAfter, least: -40, most: 80, unit: '°C' }]),
    ...(input.floor === undefined
      ? []
      : [{ path: 'floor', value: input.floor, least: 0, most: 1100, unit: 'kPa' }]),
    ...(input.nextLookHours === undefined
      ? []
      : [{ path: 'nextLook', value: input.nextLookHours, least: 0, most: 24 * 400, unit: 'h' }]),
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  if (!Number.isFinite(hours)) return unmeasured(issue('hours', 'not-a-number'));
  if (hours <= 0 || hours > 24 * 400)
    return unmeasured(issue('hours', 'order', { most: 24 * 400, unit: 'h' }));

  const warmer =
    input.warmthBefore === undefined || input.warmthAfter === undefined
      ? 1
      : (input.warmthBefore + KELVIN) / (input.warmthAfter + KELVIN);
  const corrected = (after + site) * warmer - site;
  const drop = before - corrected;
  const days = hours / DAY_HOURS;
  const off = Math.hypot(accuracyBefore, accuracyAfter);
  const share = (kpa: number): number => kpa / before / days;
  const perDay = share(drop);
  const perDayLeast = share(drop - off - CONNECTING_LOSS);
  const perDayMost = share(drop + off);

  const nextLook = input.nextLookHours ?? 0;
  const { floor } = input;
  const hoursToFloor = floor === undefined ? null : hoursUntil(corrected - floor, drop / hours);
  const limit = limitOf(choices, 'leakPerDay');
  const answer = (
    outcome: LeakAnswer['outcome'],
    because: LeakAnswer['because'],
    by: Sourced = limit,
  ): Measured<LeakAnswer> =>
    measured({
      outcome,
      becomes: outcome === 'fail' ? 'soon' : 'nothing',
      because,
      limit: by,
      perDay,
      perDayLeast,
      perDayMost,
      corrected,
      hoursToFloor,
    });

  const atFloor = (value: number): Measured<LeakAnswer> =>
    answer('fail', 'floor', { value, source: input.floorSource ?? 'marking' });

  const isCertain = input.warmthBefore !== undefined && input.warmthAfter !== undefined;
  const warmest = isCertain
    ? corrected
    : (after + site) * (COOLING.from / (COOLING.from - COOLING.by)) - site;
  const certainDrop = before - warmest - accuracyBefore - accuracyAfter - CONNECTING_LOSS;
  if (hours < LEAST_HOURS) {
    if (reaches(share(certainDrop), limit.value)) return answer('fail', 'rate');
    const certainAbove = warmest + accuracyAfter - (floor ?? 0);
    const isCertainlyThere = certainDrop > 0 && sinksTo(certainAbove - (certainDrop / hours) * nextLook, 0);
    return floor !== undefined && isCertainlyThere ? atFloor(floor) : answer('too-soon', 'hours');
  }
  const atWorst = (perDayMost * before) / DAY_HOURS;
  const holdsAtWorst =
    !reaches(perDayMost, limit.value) &&
    (floor === undefined || !sinksTo(corrected - atWorst * nextLook, floor));
  if (!sinksTo(perDayMost - perDayLeast, Math.abs(perDay)))
    return holdsAtWorst ? answer('pass', 'holds') : answer('too-soon', 'gauges');
  if (floor !== undefined && hoursToFloor !== null && reaches(nextLook, hoursToFloor)) return atFloor(floor);
  return reaches(perDay, limit.value) ? answer('fail', 'rate') : answer('pass', 'holds');
}
