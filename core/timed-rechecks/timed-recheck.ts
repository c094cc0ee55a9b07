import { HOUR_MS } from '@cadre/core/time';
import type { LimitSource } from '@cadre/core/measures';
import type { Position } from '@cadre/core/catalogue';

/** What is waited for: a pressure to hold, a patch to dry, joints to settle, a battery in the store, or simply another look. */
export const TIMED_RECHECK_KINDS = ['soak', 'patch', 're-torque', 'battery', 'recheck'] as const;
export type TimedRecheckKind = (typeof TIMED_RECHECK_KINDS)[number];

/** A gauge reading a soak began with, or was answered with: kPa, and as it was typed. */
export interface Gauged {
  readonly kpa: number;
  readonly typed: string;
  readonly at: number;
}

/** A look somebody asked for later. It raises itself at its time or after its outings, with no page open. */
export interface TimedRecheck {
  readonly id: string;
  readonly kind: TimedRecheckKind;
  /** What is looked at again, in words. */
  readonly what: string;
  readonly position: Position;
  readonly since: number;
  readonly by: string;
  readonly dueAt: number | null;
  readonly outings: number | null;
  readonly outingsUsed: number;
  readonly raisedAt: number | null;
  /** Of a soak: the pressure set, and the least the tyre may have, kPa, where it is known. */
  readonly gauged: Gauged | null;
  readonly floor: number | null;
  /** Where that floor comes from; absent on rechecks from before it was kept: marked. */
  readonly floorSource?: LimitSource | undefined;
}

/**
 * What a kind waits for when nobody says otherwise. Source: a soak tells over a night; a patch dries in five minutes; new joints
 * and wheels are looked at again after three outings; a stored battery every thirty days.
 */
export const USUAL_TIMING: Record<
  TimedRecheckKind,
  { readonly hours: number | null; readonly outings: number | null }
> = {
  soak: { hours: 12, outings: null },
  patch: { hours: 5 / 60, outings: null },
  're-torque': { hours: null, outings: 3 },
  battery: { hours: 30 * 24, outings: null },
  recheck: { hours: 24, outings: null },
};

export function dueAfter(since: number, hours: number | null): number | null {
  return hours === null ? null : since + Math.round(hours * HOUR_MS);
}

/** Whether its time has come: by the clock, or by outings, whichever first. */
export function isDue(
  recheck: Pick<TimedRecheck, 'dueAt' | 'outings' | 'outingsUsed'>,
  now: number,
): boolean {
  return (
    (recheck.dueAt !== null && now >= recheck.dueAt) ||
    (recheck.outings !== null && recheck.outingsUsed >= recheck.outings)
  );
}

/** The rechecks whose time has come, the longest overdue first. */
export function dueTimedRechecks<T extends Pick<TimedRecheck, 'dueAt' | 'outings' | 'outingsUsed' | 'since'>>(
  rechecks: readonly T[],
  now: number,
): readonly T[] {
  return rechecks
    .filter((recheck) => isDue(recheck, now))
    .sort((a, b) => (a.dueAt ?? a.since) - (b.dueAt ?? b.since));
}
