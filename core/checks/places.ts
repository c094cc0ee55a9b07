import type { Question } from '@cadre/core/catalogue';
import { SIDES, type Side } from './mark';

interface PlacesAsked {
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
  'rim-wall',
  'spoke-tension-left',
  'spoke-tension-right',
  'tyre-clearance',
  'rim-tape',
  'wheel-reflectors',
  'rotor',
  'rotor-thickness',
]);
const LEFT_RIGHT = new Set([
  ...[
    'wheel-nutted',
    'rim',
    'rim-track',
    'rim-wall',
    'spokes',
    'tyre-casing',
    'tyre-seated',
    'tyre-clearance',
  ],
  ...['rim-pads', 'rim-pads-track', 'disc-pads', 'pad-thickness', 'pistons', 'rim-brake-arms'],
  ...['levers-on-bar', 'lever-reach', 'trike-brake-balance', 'bars', 'bars-off', 'bar-tape', 'grips'],
  ...['shifter-clamp', 'fork-whole', 'fork-legs', 'trike-linkage', 'trike-toe', 'kingpin'],
  ...['crank-arms', 'crank-torque', 'pedals', 'pedal-threads', 'cleats', 'saddle-rails', 'trike-seat'],
  ...['suspension-pivots', 'pivot-torque', 'loads', 'mudguards', 'child-seat', 'cargo-straps'],
]);
const ANY_SIDE = new Set([
  ...[
    'fasteners-felt',
    'closing-pass',
    'frame-whole',
    'frame-film',
    'cable-rub',
    'corrosion',
    'every-fastener',
    'cage-bolts',
  ],
  ...['crash-story', 'transport-marks', 'washed', 'water-in', 'test-ride'],
]);

/** One place only: an axle, a valve, a chain. */
const ONE_PLACE = new Set([
  'wheel-quick-release',
  'wheel-thru-axle',
  'rim-brake-release',
  'tyre-pressure',
  'tyre-firm',
  'hub-play',
  'hub-feel',
  'freehub',
  'valve',
  'sealant',
  'tyre-direction',
  'lever-travel',
  'lever-hold',
  'stops-wheel',
  'lever-returns',
  'rotor-fixings',
  'brake-mounts',
  'brake-hose',
  'brake-cable',
  'coaster-brake',
  'drum-brake',
  'fixed-pad',
  'pad-pin',
  'brake-fluid',
  'brake-cable-inside',
  'parking-brake',
  'bedded-in',
  'coaster-hub',
  'headset-play',
  'stem-tight',
  'quill-mark',
  'bell-lights',
  'headset-turns',
  'headset-clamp',
  'headset-bearings',
  'fork-action',
  'fork-pressure',
  'fork-sag',
  'fork-service',
  'cargo-steering',
  'faceplate',
  'adjustable-stem',
  'serial',
  'folding-hinge',
  'frame-line',
  'shock-action',
  'shock-shaft',
  'shock-sag',
  'frame-drain',
  'suspension-ring',
  'chain-joined',
  'belt',
  'chain-slack',
  'shifts',
  'hanger',
  'saddle-tight',
  'post-depth',
  'battery',
  'motor-stops',
  'bracket-play',
  'bracket-feel',
  'ring-bolts',
  'ring-teeth',
  'chain-wear',
  'chain-twelve',
  'chain-lube',
  'chain-routed',
  'cassette',
  'jockey-wheels',
  'gear-cable',
  'hub-gear',
  'belt-tension',
  'trike-idler',
  'shift-battery',
  'load-test',
  'derailleur-gap',
  'hanger-measured',
  'drivetrain-clean',
  'saddle-set',
  'post-freed',
  'dropper',
  'suspension-post',
  'battery-charge',
  'battery-health',
  'battery-contacts',
  'assist-wiring',
  'motor-mount',
  'firmware',
  'charger',
  'hitch',
  'kickstand',
  'lights',
  'trike-flag',
  'kit',
  'helmet',
  'torque-wrench',
  'gauge-reference',
  'papers',
  'recall',
  'hung-up',
  'dunked-electrics',
  'storage-rule',
  'bell',
  ...['axle-threads', 'tyre-liner', 'valve-core', 'pads-for-event', 'cable-pinch', 'cable-age'],
  ...['fork-travel-used', 'shock-travel-used', 'chain-new', 'front-derailleur', 'front-derailleur-set'],
  ...['shifter-cover', 'dropper-shaft', 'horn', 'device-charge', 'outdoor-cover'],
]);

/**
 * Which places a fault of this question can be at: nobody is asked for an hour of an axle or a side of a chain. Of a checkpoint a program
 * wrote itself only the zone is known: it is offered all the places there are.
 */
export function placesAsked({ checkpoint: { key }, zone }: Question): PlacesAsked {
  const onBike = zone !== 'off-bike' || ANY_SIDE.has(key);
  const isShipped = ROUND.has(key) || LEFT_RIGHT.has(key) || ANY_SIDE.has(key) || ONE_PLACE.has(key);
  if (!isShipped) return { round: zone.endsWith('wheel'), sides: onBike ? SIDES : [], onBike };
  return {
    round: ROUND.has(key),
    sides: ANY_SIDE.has(key) ? SIDES : LEFT_RIGHT.has(key) ? ['left', 'right'] : [],
    onBike,
  };
}
