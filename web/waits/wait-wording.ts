import type { FitnessFacts } from '@cadre/core/fitness';
import { isDue, type WaitKind } from '@cadre/core/waits';
import { dayAndClock, untilNow } from '@cadre/web/platform/time';

export const WAIT_WORDS: Record<WaitKind, string> = {
  soak: 'Soak: does it hold?',
  patch: 'Patch drying',
  're-torque': 'Bolts again after outings',
  battery: 'Battery in the store',
  'look-again': 'Look again',
};

/** The same in a word, to choose among. */
export const WAIT_SHORT: Record<WaitKind, string> = {
  soak: 'Soak',
  patch: 'Patch',
  're-torque': 'Bolts',
  battery: 'Battery',
  'look-again': 'Other',
};

/** What one looks at when nobody says it otherwise. */
export const WAIT_OF: Record<WaitKind, string> = {
  soak: 'Tyre pressure',
  patch: 'Patched tube',
  're-torque': 'Bolts just torqued',
  battery: 'Battery charge',
  'look-again': '',
};

type Waiting = NonNullable<FitnessFacts['waits']>[number];

/** When it comes due, in words: by the clock, by outings, or now. */
export function dueWords(wait: Waiting, now: number, zone?: string): string {
  if (isDue(wait, now))
    return wait.dueAt === null
      ? 'now: its outings are over'
      : `now, since ${dayAndClock(Math.min(wait.dueAt, now), now, zone)}`;
  const left = wait.outings === null ? '' : `after ${wait.outings - wait.outingsUsed} more outings`;
  const when =
    wait.dueAt === null ? '' : `${dayAndClock(wait.dueAt, now, zone)}, ${untilNow(wait.dueAt, now)}`;
  return [when, left].filter(Boolean).join(', or ');
}
