import type { Position, Zone } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';

/** Kinds of work, by what they disturb. Each end of the bike counts apart where it matters. */
export const TOUCHES = [
  'axle-out',
  'tyre-off',
  'wheel-trued',
  'brake-work',
  'stem-headset',
  'bar-levers-grips',
  'cranks-pedals',
  'chain-sprockets',
  'gears-set',
  'saddle-post',
  'rear-suspension',
  'fork-suspension',
  'assist-wiring',
  'accessories',
] as const;
export type Touch = (typeof TOUCHES)[number];

/** A kind of work at a place. */
export interface Touched {
  readonly touch: Touch;
  readonly position: Position;
}

const WHEEL_IN = [
  'wheel-quick-release',
  'wheel-thru-axle',
  'wheel-nutted',
  'rim-brake-release',
  'stops-wheel',
  'lever-returns',
  'rotor',
  'tyre-clearance',
  'hitch',
];

/** What must be looked at again after each kind of work. The build drops what does not apply. */
export const RE_LOOK_TABLE: Record<Touch, readonly string[]> = {
  'axle-out': WHEEL_IN,
  'tyre-off': [...WHEEL_IN, 'tyre-pressure', 'tyre-seated', 'tyre-casing', 'tyre-direction', 'valve', 'rim-pads-track'],
  'wheel-trued': ['rim', 'rim-run-out', 'spokes', 'tyre-clearance', 'stops-wheel', 'lever-returns'],
  'brake-work': [
    'lever-travel',
    'lever-hold',
    'stops-wheel',
    'lever-returns',
    'rim-pads-track',
    'disc-pads',
    'pad-pin',
    'fixed-pad',
    'rotor',
    'rotor-fixings',
    'brake-mounts',
    'brake-hose',
    'brake-cable',
    'coaster-brake',
    'drum-brake',
    'trike-brake-balance',
    'parking-brake',
    'bedded-in',
  ],
  'stem-headset': [
    'headset-play',
    'fork-whole',
    'trike-linkage',
    'cargo-steering',
    'headset-turns',
    'stem-tight',
    'quill-mark',
    'adjustable-stem',
    'faceplate',
    'levers-on-bar',
    'brake-hose',
    'brake-cable',
  ],
  'bar-levers-grips': ['stem-tight', 'faceplate', 'bars', 'grips', 'shifter-clamp', 'levers-on-bar', 'lever-travel', 'brake-hose', 'brake-cable'],
  'cranks-pedals': ['crank-arms', 'ring-bolts', 'bracket-play', 'pedals', 'cleats'],
  'chain-sprockets': [
    'chain-joined',
    'chain-routed',
    'chain-slack',
    'belt',
    'shifts',
    'hanger',
    'derailleur-gap',
    'cassette',
    'coaster-brake',
    'wheel-nutted',
    'hub-gear',
  ],
  'gears-set': ['shifts', 'hanger', 'derailleur-gap', 'gear-cable'],
  'saddle-post': ['saddle-tight', 'post-depth', 'dropper', 'trike-seat'],
  'rear-suspension': ['suspension-pivots', 'shock-shaft', 'shock-sag'],
  'fork-suspension': ['fork-legs', 'fork-action', 'fork-pressure', 'headset-play'],
  'assist-wiring': ['battery', 'battery-contacts', 'assist-wiring', 'motor-mount', 'motor-stops'],
  accessories: ['loads', 'child-seat', 'hitch', 'cargo-straps', 'bell-lights'],
};

/** Kinds of work that happen at one end of the bike. */
const ENDED = new Set<Touch>(['axle-out', 'tyre-off', 'wheel-trued', 'brake-work']);

const BY_ZONE: Record<Zone, readonly Touch[]> = {
  'front-wheel': ['axle-out'],
  'rear-wheel': ['axle-out'],
  'front-brake': ['brake-work'],
  'rear-brake': ['brake-work'],
  'fork-headset': ['stem-headset'],
  cockpit: ['bar-levers-grips'],
  frame: [],
  'rear-suspension': ['rear-suspension'],
  'cranks-pedals': ['cranks-pedals'],
  drivetrain: ['chain-sprockets', 'gears-set'],
  'saddle-post': ['saddle-post'],
  assist: ['assist-wiring'],
  accessories: ['accessories'],
  'off-bike': [],
};

/** What work on a fault in this zone touches at the least: the bench starts from it and may add. */
export function usualTouches(place: { readonly zone: Zone; readonly position: Position }): readonly Touched[] {
  const position: Position = place.position === 'only' && place.zone.startsWith('rear') ? 'rear' : place.position;
  return BY_ZONE[place.zone].map((touch) => ({ touch, position: ENDED.has(touch) ? position : 'only' }));
}

/** Whether a bike built so can be worked on like that at all: nobody is offered a shock on a rigid bike. */
export function canTouch(touch: Touch, build: Pick<Build, 'assist' | 'rearSuspension' | 'fork'>): boolean {
  switch (touch) {
    case 'assist-wiring':
      return build.assist !== 'none';
    case 'rear-suspension':
      return build.rearSuspension !== 'none';
    case 'fork-suspension':
      return build.fork === 'suspension';
    default:
      return true;
  }
}

/** The places a kind of work may be said to touch. */
export function positionsOfTouch(touch: Touch): readonly Position[] {
  return ENDED.has(touch) ? ['front', 'rear'] : ['only'];
}
