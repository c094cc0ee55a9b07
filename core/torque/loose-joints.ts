import { isRear, type Position } from '@cadre/core/catalogue';
import type { Joint } from '@cadre/core/fleet';

/** A fault that says a joint had come loose, on a bike, when it was found. */
export interface FoundLoose {
  readonly bikeId: string;
  readonly modelId: string | null;
  readonly joint: Joint;
  readonly at: number;
}

/** A joint that comes loose again and again: on this bike, or on bikes of its model. */
export interface LooseJoint {
  readonly joint: Joint;
  readonly onBike: number;
  readonly onModel: number;
  /** How many bikes of the model it came loose on. */
  readonly modelBikes: number;
  readonly last: number;
}

/** The joint each fault of the catalogue speaks of; an axle's is the one at its end. */
const JOINT_OF: Readonly<Record<string, Joint | 'axle'>> = {
  'wheel-thru-axle loose': 'axle',
  'wheel-nutted loose': 'axle',
  'stem-tight moves': 'stem-steerer',
  'stem-tight bolt': 'stem-steerer',
  'headset-clamp torque': 'stem-steerer',
  'faceplate loose': 'stem-faceplate',
  'bars slips': 'bar-clamp',
  'levers-on-bar clamp': 'lever-clamp',
  'post-depth turns': 'seatpost-clamp',
  'saddle-set clamp': 'seatpost-clamp',
  'saddle-tight moves': 'saddle-rail',
  'crank-arms loose': 'crank-arm',
  'crank-torque loose': 'crank-arm',
  'crank-arms ring-bolt': 'ring-bolt',
  'crank-arms ring-moves': 'ring-bolt',
  'ring-bolts loose': 'ring-bolt',
  'ring-bolts one': 'ring-bolt',
  'ring-bolts two': 'ring-bolt',
  'pedals loose': 'pedal',
  'rotor-fixings loose': 'rotor-bolt',
  'rotor-fixings missing': 'rotor-bolt',
  'brake-mounts loose': 'caliper-mount',
  'brake-mounts missing': 'caliper-mount',
  'rim-brake-arms wobbles': 'rim-brake-mount',
  'suspension-pivots loose': 'pivot',
  'pivot-torque loose': 'pivot',
  'cassette rocks': 'lock-ring',
  'cable-pinch slips': 'cable-pinch',
  'hanger loose': 'hanger',
  'front-derailleur loose': 'front-derailleur',
};
/** Faults named above, each as its checkpoint and its own key. */
export const LOOSE_FAULTS: readonly string[] = Object.keys(JOINT_OF);

/** The joint that a fault says had come loose; null where it says nothing of the kind. */
export function jointFoundLoose(found: {
  readonly checkpoint: string;
  readonly fault: string;
  readonly position: Position;
}): Joint | null {
  const joint = JOINT_OF[`${found.checkpoint} ${found.fault}`];
  if (joint === 'axle') return isRear(found.position) ? 'axle-rear' : 'axle-front';
  return joint ?? null;
}

/** Loosened so often it is the joint, not the hand. Source: a joint loose again and again is a fault: thread, washer or part. */
const OFTEN = { onBike: 2, onModel: 3, modelBikes: 2 } as const;

/**
 * The joints of a bike that come loose: twice on itself, or three times on at least two bikes of its model. Oftenest on the bike first.
 *
 * @param found each time one was found loose in the span that counts, on this bike and on others of its model
 */
export function looseJoints(bikeId: string, found: readonly FoundLoose[]): readonly LooseJoint[] {
  const joints = [...new Set(found.map((each) => each.joint))];
  return joints
    .map((joint): LooseJoint => {
      const of = found.filter((each) => each.joint === joint);
      return {
        joint,
        onBike: of.filter((each) => each.bikeId === bikeId).length,
        onModel: of.length,
        modelBikes: new Set(of.map((each) => each.bikeId)).size,
        last: Math.max(...of.map((each) => each.at)),
      };
    })
    .filter(
      ({ onBike, onModel, modelBikes }) =>
        onBike >= OFTEN.onBike || (onModel >= OFTEN.onModel && modelBikes >= OFTEN.modelBikes),
    )
    .sort((a, b) => b.onBike - a.onBike || b.onModel - a.onModel || (a.joint < b.joint ? -1 : 1));
}
