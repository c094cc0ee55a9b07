import { inheritFit, type Build, type FitList } from '@cadre/core/fleet';
import type { MeasuredOn } from '@cadre/core/measures';
import type { PolicyVersion } from './policy';
import type { Asked } from './sheet';

/** What readings of a bike are judged on: as it is built, and what is stated of it. */
export interface MeasuredBike {
  readonly build: Build;
  /** What its model states, what it states itself, and what its parts are marked with: the later wins. */
  readonly model: FitList;
  readonly own: FitList;
  readonly parts: FitList;
  /** Laid up, or being laid up: a battery is judged for the store. */
  readonly inStore?: boolean | undefined;
}

/** What a reading taken at one question of a bike is judged on in this program. */
export function measuredOn(
  asked: Pick<Asked, 'position' | 'zone' | 'limit'>,
  bike: MeasuredBike,
  policy: Pick<PolicyVersion, 'schools' | 'limits'>,
): MeasuredOn {
  return {
    build: bike.build,
    end: asked.position === 'only' ? 'only' : asked.position === 'rear' ? 'rear' : 'front',
    rearSuspension: asked.zone === 'rear-suspension',
    fit: inheritFit(inheritFit(bike.model, bike.own), bike.parts),
    chainPreset: policy.schools.chainLimit,
    limits: policy.limits,
    own: asked.limit,
    inStore: bike.inStore,
  };
}
