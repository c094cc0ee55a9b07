import type { Joint } from '@cadre/core/fleet';

/** A joint tightened in a repair, N m: what it was left at, the wrench of the register it was done with, and each pull in order where the wrench sent them. */
export interface TightenedJoint {
  readonly joint: Joint;
  readonly newtonMetres: number;
  readonly equipmentId?: string | undefined;
  readonly pulls?: readonly number[] | undefined;
}
