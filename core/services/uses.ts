import type { Climate, Conditions } from '@cadre/core/catalogue';
import type { BikeKind } from '@cadre/core/fleet';
import { TYPICAL_OUTING } from '@cadre/core/measures';

/** What a bike's computer stood at. */
export interface OdometerReading {
  readonly at: number;
  readonly km: number;
}

/** Use of a bike, as of a moment: an outing, or distance that no outing accounts for. */
export interface Use {
  readonly at: number;
  readonly outings: number;
  readonly km: number;
  readonly hours: number;
  /** What the bike was ridden in, where somebody said when it came back. */
  readonly climate?: Climate | undefined;
}

/** What a climate is called for the pace of services; mud wears as the wet does. */
const CLIMATE_OF: Record<Conditions, Climate> = { dry: 'dry', wet: 'wet', mud: 'wet', salt: 'salt' };

/**
 * What a bike was used, in order of time: an outing is what its kind typically does, unless two readings of its computer say how far it went
 * between them; then each outing between them has an equal share.
 *
 * @param outings when it went out, epoch milliseconds, any order
 * @param odometer km, in order of time and never falling
 * @param conditions of the outing that began at a moment
 */
export function usesOf(
  kind: BikeKind,
  outings: readonly number[],
  odometer: readonly OdometerReading[] = [],
  conditions: ReadonlyMap<number, Conditions> = new Map(),
): readonly Use[] {
  const usual = TYPICAL_OUTING[kind];
  const times = outings.toSorted((a, b) => a - b);
  const uses: Use[] = [];
  let next = 0;
  const out = (until: number, km: number, hours: number): void => {
    for (; next < times.length && (times[next] as number) <= until; next += 1) {
      const at = times[next] as number;
      const said = conditions.get(at);
      uses.push({ at, outings: 1, km, hours, ...(said ? { climate: CLIMATE_OF[said] } : {}) });
    }
  };
  for (const [index, reading] of odometer.entries()) {
    const before = odometer[index - 1];
    if (!before) {
      out(reading.at, usual.km, usual.hours);
      continue;
    }
    const far = Math.max(0, reading.km - before.km);
    const between = times.slice(next).filter((at) => at <= reading.at).length;
    const hours = (usual.hours / usual.km) * far;
    if (between > 0) out(reading.at, far / between, hours / between);
    else if (far > 0) uses.push({ at: reading.at, outings: 0, km: far, hours });
  }
  out(Infinity, usual.km, usual.hours);
  return uses;
}

/** A day's distance that nobody rides: more than this since the last reading is a slip until somebody says otherwise. */
const MOST_KM_A_DAY = 150;
const DAY = 24 * 3600 * 1000;

/** What is wrong with a reading after those before it: it runs backwards, or leaps. */
export function odometerSlip(
  before: OdometerReading | null,
  reading: OdometerReading,
): 'backwards' | 'leap' | null {
  if (!before) return null;
  if (reading.km < before.km) return 'backwards';
  const days = Math.max(1, (reading.at - before.at) / DAY);
  return reading.km - before.km > days * MOST_KM_A_DAY ? 'leap' : null;
}
