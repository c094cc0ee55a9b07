import { fitItem, JOINTS, type Build, type FitList, type Joint } from '@cadre/core/fleet';

/** What the hand must know before the wrench turns; the words are the screen's. */
export const JOINT_CAUTIONS = [
  'left-thread',
  'both-nuts',
  'fully-threaded',
  'before-preload',
  'even-gaps',
  'carbon',
  'by-turns',
  'hydraulics',
  'maker-order',
  'off-rotor',
  'strands',
] as const;
export type JointCaution = (typeof JOINT_CAUTIONS)[number];

export interface CardJoint {
  readonly joint: Joint;
  /** The fit list's joints that state something of it: two things clamped together have a say each. */
  readonly statedBy: readonly Joint[];
  /** How many bolts it usually has; the one at the bike may have others. */
  readonly bolts: number;
  readonly cautions: readonly JointCaution[];
}

const JOINT_BOLTS: Record<Joint, number> = {
  'stem-steerer': 2,
  'stem-faceplate': 4,
  'bar-clamp': 1,
  'lever-clamp': 1,
  'seatpost-clamp': 1,
  'saddle-rail': 2,
  'crank-arm': 1,
  pedal: 1,
  'ring-bolt': 4,
  'rotor-bolt': 6,
  'caliper-mount': 2,
  'axle-front': 1,
  'axle-rear': 1,
  pivot: 1,
  'lock-ring': 1,
  'cable-pinch': 1,
  hanger: 1,
  'front-derailleur': 1,
  'rim-brake-mount': 2,
};

const isNutted = (build: Build, joint: Joint): boolean =>
  (joint === 'axle-front' && build.retentionFront === 'nutted') ||
  (joint === 'axle-rear' && build.retentionRear === 'nutted');

/** What a joint clamps, where carbon calls for its own care. */
const CLAMPS: Partial<Record<Joint, string>> = {
  'stem-steerer': 'steererMaterial',
  'stem-faceplate': 'barMaterial',
  'bar-clamp': 'barMaterial',
  'lever-clamp': 'barMaterial',
  'seatpost-clamp': 'postMaterial',
};

function cautionsOf(joint: Joint, build: Build, fit: FitList): readonly JointCaution[] {
  const clamped = CLAMPS[joint];
  const isCarbon =
    (clamped !== undefined && fit[clamped] === 'carbon') ||
    (joint === 'seatpost-clamp' && build.frameMaterial === 'carbon');
  return [...ownCautionsOf(joint, build), ...(isCarbon ? (['carbon'] as const) : [])];
}

function ownCautionsOf(joint: Joint, build: Build): readonly JointCaution[] {
  switch (joint) {
    case 'stem-steerer':
      return ['before-preload', 'by-turns'];
    case 'stem-faceplate':
      return ['even-gaps'];
    case 'pedal':
      return ['left-thread'];
    case 'caliper-mount':
      return [build.brakeFront, build.brakeRear, build.brakeRearSecond].includes('hydraulic-disc')
        ? ['hydraulics']
        : [];
    case 'axle-front':
    case 'axle-rear':
      return isNutted(build, joint) ? ['both-nuts'] : ['fully-threaded'];
    case 'lock-ring':
      return ['off-rotor'];
    case 'cable-pinch':
      return ['strands'];
    case 'pivot':
      return ['maker-order'];
    default:
      return [];
  }
}

/** The joints of a bike built so, in the order of its fit list (`fit` says what is of carbon): bars held by a faceplate are one joint that stem and bar both speak of. */
export function jointsOf(build: Build, fit: FitList = {}): readonly CardJoint[] {
  const has = (joint: Joint): boolean => fitItem(`torqueMax:${joint}`)?.on(build) ?? false;
  const faceplate = has('stem-faceplate') && build.headset === 'threadless';
  return JOINTS.filter((joint) => has(joint) && joint !== (faceplate ? 'bar-clamp' : 'stem-faceplate')).map(
    (joint) => ({
      joint,
      statedBy:
        joint === 'stem-faceplate' || joint === 'bar-clamp' ? ['stem-faceplate', 'bar-clamp'] : [joint],
      bolts: isNutted(build, joint) ? 2 : JOINT_BOLTS[joint],
      cautions: cautionsOf(joint, build, fit),
    }),
  );
}
