import type { FitnessFacts } from '@cadre/core/fitness';
import { isDue, type TimedRecheckKind } from '@cadre/core/timed-rechecks';
import { dayAndClock, untilNow } from '@cadre/web/platform/time';

export const TIMED_RECHECK_WORDS: Record<TimedRecheckKind, string> = {
  soak: 'Soak: does it hold?',
  patch: 'Patch drying',
  're-torque': 'Bolts again after outings',
  battery: 'Battery in the store',
  recheck: 'Look again',
};

/** The same in a word, to choose among. */
export const TIMED_RECHECK_SHORT: Record<TimedRecheckKind, string> = {
  soak: 'Soak',
  patch: 'Patch',
  're-torque': 'Bolts',
  battery: 'Battery',
  recheck: 'Other',
};

/** What one looks at when nobody says it otherwise. */
export const WAIT_OF: Record<TimedRecheckKind, string> = {
  soak: 'Tyre pressure',
  patch: 'Patched tube',
  're-torque': 'Bolts just torqued',
  battery: 'Battery charge',
  recheck: '',
};

type Recheck = NonNullable<FitnessFacts['timedRechecks']>[number];

/** When it comes due, in words: by the clock, by outings, or now. */
export function dueWords(recheck: Recheck, now: number, zone?: string): string {
  if (isDue(recheck, now))
    return recheck.dueAt === null
      ? 'now: its outings are over'
      : `now, since ${dayAndClock(Math.min(recheck.dueAt, now), now, zone)}`;
  const left = recheck.outings === null ? '' : `after ${recheck.outings - recheck.outingsUsed} more outings`;
  const when =
    recheck.dueAt === null ? '' : `${dayAndClock(recheck.dueAt, now, zone)}, ${untilNow(recheck.dueAt, now)}`;
  return [when, left].filter(Boolean).join(', or ');
}
