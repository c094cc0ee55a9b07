import { inheritFit, type Build, type FitList } from '@cadre/core/fleet';
import type { MeasuredOn } from '@cadre/core/measures';
import type { PolicyVersion } from './policy';
import type { Question } from './checklist';
import { isRear } from './words';

/** What readings of a bike are judged on: as it is built, and what is stated of it. */
export interface MeasuredBike {
  readonly build: Build;
  /** What its model states, what it states itself, and what its parts are marked with: the later wins. */
  readonly model: FitList;
  readonly own: FitList;
  readonly parts: FitList;
  /** Laid up, or being laid up: a battery is judged for the store. */
  readonly inStore?: boolean | undefined;
  /** Ends whose wheel is new; on a checklist for a new bike, both. */
  readonly newWheels?: readonly (typeof WHEEL_ENDS)[number][] | undefined;
}

/** Ends of a bike that may have a new wheel. */
export const WHEEL_ENDS = ['front', 'rear'] as const;
/** The checklist a bike is laid up with, and the one for a bike out of its box. */
const LAY_UP = 'lay-up';
const NEW_BIKE = 'new-bike';

/** The bike as the readings of this checklist are judged: one being laid up is charged for the store, one out of its box has new wheels. */
export function onChecklist(
  bike: MeasuredBike,
  checklist: { readonly key: string; readonly newWheels?: MeasuredBike['newWheels'] } | undefined,
): MeasuredBike {
  if (!checklist) return bike;
  return {
    ...bike,
    inStore: bike.inStore === true || checklist.key === LAY_UP,
    newWheels: checklist.key === NEW_BIKE ? WHEEL_ENDS : checklist.newWheels,
  };
}

/** What a reading taken at one question of a bike is judged on in this program. */
export function measuredOn(
  question: Pick<Question, 'position' | 'zone' | 'limit'>,
  bike: MeasuredBike,
  policy: Pick<PolicyVersion, 'practices' | 'limits'>,
): MeasuredOn {
  const end = question.position === 'only' ? 'only' : isRear(question.position) ? 'rear' : 'front';
  return {
    build: bike.build,
    end,
    newWheel:
      policy.practices.wheelRunOut === 'one-mm' || (end !== 'only' && bike.newWheels?.includes(end) === true),
    rearSuspension: question.zone === 'rear-suspension',
    fit: {
      // What is stated of a bike's own use stands over the house's.
      ...(policy.practices.sag === 'park' ? { suspensionUse: 'park' } : {}),
      ...inheritFit(inheritFit(bike.model, bike.own), bike.parts),
    },
    chainPreset: policy.practices.chainLimit,
    pressureBy: policy.practices.pressure,
    softer: policy.practices.winterPressure === 'lower',
    limits: policy.limits,
    own: question.limit,
    inStore: bike.inStore,
  };
}
