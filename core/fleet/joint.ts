/** Joints whose torque is stated on a part. */
export const JOINTS = [
  'stem-steerer',
  'stem-faceplate',
  'bar-clamp',
  'lever-clamp',
  'seatpost-clamp',
  'saddle-rail',
  'crank-arm',
  'pedal',
  'ring-bolt',
  'rotor-bolt',
  'caliper-mount',
  'axle-front',
  'axle-rear',
  'pivot',
  'lock-ring',
  'cable-pinch',
  'hanger',
  'front-derailleur',
  'rim-brake-mount',
] as const;
export type Joint = (typeof JOINTS)[number];
/** A torque for some of the joints, N m. */
export type TorqueByJoint = { readonly [J in Joint]?: number | undefined };
