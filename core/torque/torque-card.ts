import type { MeasuredBike, PolicyVersion, Practices } from '@cadre/core/catalogue';
import { inheritFit, type FitList, type Joint, type TorqueByJoint } from '@cadre/core/fleet';
import { torqueFor, type TorqueAnswer } from '@cadre/core/measures';
import { jointsOf, type CardJoint } from './card-joints';

/** What a torque is stated on. Bike and model say one thing between them: the bike's own figure stands for its model's. */
export const STATED_ON = ['part', 'bike', 'model', 'house'] as const;
export type StatedOn = (typeof STATED_ON)[number];

/** Under which of the house's ways a joint is done. */
export const TORQUE_WAYS = ['figure', 'just-firm', 'witness'] as const;
export type TorqueWay = (typeof TORQUE_WAYS)[number];

export interface StatedFigure {
  readonly joint: Joint;
  readonly on: StatedOn;
  readonly end: 'least' | 'most';
  /** N m. */
  readonly value: number;
}

export interface TorqueCardRow extends CardJoint {
  readonly stated: readonly StatedFigure[];
  /** Null: no most is stated, so there is no figure to give. */
  readonly answer: TorqueAnswer | null;
  readonly way: TorqueWay;
}

const MARGIN = 0.1;

function figuresOf(fit: FitList, on: StatedOn, joints: readonly Joint[]): StatedFigure[] {
  return joints.flatMap((joint) =>
    (['least', 'most'] as const).flatMap((end) => {
      const value = fit[`torque${end === 'least' ? 'Min' : 'Max'}:${joint}`];
      return typeof value === 'number' ? [{ joint, on, end, value }] : [];
    }),
  );
}

/** Everything stated of a joint: by the parts on the bike, by the bike or else its model, and by the house. */
function statedOf(
  bike: MeasuredBike,
  joints: readonly Joint[],
  house: TorqueByJoint,
): readonly StatedFigure[] {
  const ofModel = Object.fromEntries(
    Object.entries(bike.model).filter(([key]) => bike.own[key] === undefined),
  );
  return [
    ...figuresOf(bike.parts, 'part', joints),
    ...figuresOf(bike.own, 'bike', joints),
    ...figuresOf(ofModel, 'model', joints),
    ...joints.flatMap((joint) =>
      house[joint] === undefined
        ? []
        : [{ joint, on: 'house' as const, end: 'most' as const, value: house[joint] }],
    ),
  ];
}

function wayOf(joint: Joint, practices: Pick<Practices, 'torque' | 'leverClamp'>): TorqueWay {
  if (joint === 'lever-clamp' && practices.leverClamp === 'just-firm') return 'just-firm';
  return practices.torque === 'witness' ? 'witness' : 'figure';
}

/**
 * Every joint of a bike with the torque it takes here, N m. Of several figures for one joint the safer holds: the ceiling is the least of the stated
 * maxima, the target that less the practice's margin (10 % or none) and never under the stated least. A least over the most is a conflict.
 */
export function torqueCard(
  bike: MeasuredBike,
  policy: Pick<PolicyVersion, 'practices' | 'torqueMost'>,
): readonly TorqueCardRow[] {
  const margin = policy.practices.torque === 'ten-under' ? MARGIN : 0;
  const fit = inheritFit(inheritFit(bike.model, bike.own), bike.parts);
  return jointsOf(bike.build, fit).map((joint) => {
    const stated = statedOf(bike, joint.statedBy, policy.torqueMost);
    const at = (end: StatedFigure['end']) =>
      stated
        .filter((each) => each.end === end)
        .map((each) => ({ of: `${each.on}:${each.joint}`, value: each.value }));
    const answer = at('most').length > 0 ? torqueFor(at('most'), at('least'), margin) : null;
    // What a fit list takes is in range: an answer that is none here is a figure no fit list should hold.
    if (answer && !answer.ok)
      throw new RangeError(
        `torque of ${joint.joint}: ${answer.issues.map((issue) => issue.path).join(', ')}`,
      );
    return { ...joint, stated, answer: answer?.value ?? null, way: wayOf(joint.joint, policy.practices) };
  });
}
