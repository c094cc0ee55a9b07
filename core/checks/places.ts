import type { Question } from '@cadre/core/catalogue';
import { SIDES, type Side } from './mark';

export interface PlacesAsked {
  /** Whether it goes round a wheel, so that an hour from the valve says where. */
  readonly round: boolean;
  /** The sides that can differ; none where there is but one place. */
  readonly sides: readonly Side[];
  /** Whether there is a place on the bike to touch at all. */
  readonly onBike: boolean;
}

const ROUND = new Set([
  'spokes',
  'rim',
  'tyre-casing',
  'tyre-seated',
  'rim-run-out',
  'rim-track',
  'spoke-tension-left',
  'spoke-tension-right',
  'tyre-clearance',
  'rim-tape',
  'wheel-reflectors',
  'rotor',
  'rotor-thickness',
]);
const LEFT_RIGHT = new Set([
  ...['wheel-nutted', 'rim', 'rim-track', 'spokes', 'tyre-casing', 'tyre-seated', 'tyre-clearance'],
  ...['rim-pads', 'rim-pads-track', 'disc-pads', 'pad-thickness', 'pistons', 'rim-brake-arms'],
  ...['levers-on-bar', 'lever-reach', 'trike-brake-balance', 'bars', 'bars-off', 'bar-tape', 'grips'],
  ...['shifter-clamp', 'fork-whole', 'fork-legs', 'trike-linkage', 'trike-toe', 'kingpin'],
  ...['crank-arms', 'crank-torque', 'pedals', 'pedal-threads', 'cleats', 'saddle-rails', 'trike-seat'],
  ...['suspension-pivots', 'pivot-torque', 'loads', 'mudguards', 'child-seat', 'cargo-straps'],
]);
const ANY_SIDE = new Set([
  ...['frame-whole', 'frame-film', 'cable-rub', 'corrosion', 'every-fastener', 'cage-bolts'],
  ...['crash-story', 'transport-marks', 'washed', 'water-in', 'test-ride'],
]);

/** Which places a fault of this question can be at: nobody is asked for an hour of an axle or a side of a chain. */
export function placesAsked({ checkpoint: { key }, zone }: Question): PlacesAsked {
  return {
    round: ROUND.has(key),
    sides: ANY_SIDE.has(key) ? SIDES : LEFT_RIGHT.has(key) ? ['left', 'right'] : [],
    onBike: zone !== 'off-bike' || ANY_SIDE.has(key),
  };
}
