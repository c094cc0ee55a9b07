import type { FitnessFacts } from '@cadre/core/fitness';
import { isDue, type TimedRecheckKind } from '@cadre/core/timed-rechecks';
import { dayAndClock, untilNow } from '@cadre/web/platform/time';
import * as t from './messages';

export const TIMED_RECHECK_WORDS: Record<TimedRecheckKind, string> = {
  soak: t.leakTestDoesTyre,
  patch: t.patchDrying,
  're-torque': t.boltsAfterSomeOutings,
  battery: t.batteryInStore,
  recheck: t.recheck,
};

/** The same in a word, to choose among. */
export const TIMED_RECHECK_SHORT: Record<TimedRecheckKind, string> = {
  soak: t.leakTest,
  patch: t.patch,
  're-torque': t.bolts,
  battery: t.battery,
  recheck: t.other,
};

/** What one looks at when nobody says it otherwise. */
export const WAIT_OF: Record<TimedRecheckKind, string> = {
  soak: t.tyrePressure,
  patch: t.patchedTube,
  're-torque': t.boltsJustTorqued,
  battery: t.batteryCharge,
  recheck: '',
};

type Recheck = NonNullable<FitnessFacts['timedRechecks']>[number];

/** When it comes due, in words: by the clock, by outings, or now. */
export function dueWords(recheck: Recheck, now: number, zone?: string): string {
  if (isDue(recheck, now))
    return recheck.dueAt === null
      ? t.nowItsOutingsDone
      : t.nowSinceWhen({ when: dayAndClock(Math.min(recheck.dueAt, now), now, zone) });
  const left =
    recheck.outings === null
      ? ''
      : t.afterOutingsMoreOutings({ outings: recheck.outings - recheck.outingsUsed });
  const when =
    recheck.dueAt === null ? '' : `${dayAndClock(recheck.dueAt, now, zone)}, ${untilNow(recheck.dueAt, now)}`;
  return [when, left].filter(Boolean).join(t.or);
}
