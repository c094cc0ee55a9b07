import type { Conditions } from '@cadre/core/catalogue';

/**
 * How a bike came back, as whoever takes it back says in one touch. `problem`: a rider or a guide names something wrong, it is written down as a report; `incident`: a
 * crash, the bike is held until it is looked over for just that.
 */
export const RETURN_WAYS = ['fine', 'hard', 'problem', 'incident'] as const;
export type ReturnWay = (typeof RETURN_WAYS)[number];

/** One bike out with a group or a walk-in, from when it was handed out to when it was taken back. */
export interface Outing {
  readonly id: string;
  readonly bikeId: string;
  /** Null: a walk-in, or an outing from before groups were on record. */
  readonly groupId: string | null;
  readonly at: number;
  /** When it is expected back; null where nobody said. */
  readonly dueBackAt: number | null;
  readonly backAt: number | null;
  readonly way: ReturnWay | null;
  readonly conditions: Conditions | null;
  /** By its computer; null: what its kind typically does. */
  readonly km: number | null;
}

/** Whether a bike is still out after it was expected back. */
export function isLate(outing: Pick<Outing, 'dueBackAt' | 'backAt'>, now: number): boolean {
  return outing.backAt === null && outing.dueBackAt !== null && now > outing.dueBackAt;
}
