import type { Position, Zone } from '@cadre/core/catalogue';

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
  'assist-wiring',
  'accessories',
] as const;
export type Touch = (typeof TOUCHES)[number];

/** A kind of work at a place. */
export interface Touched {
  readonly touch: Touch;
  readonly position: Position;
}

const WHEEL_IN = ['wheel-quick-release', 'wheel-thru-axle', 'wheel-nutted', 'rim-brake-release', 'stops-wheel', 'lever-returns', 'rotor'];

/** What must be looked at again after each kind of work. The build drops what does not apply. */
export const RE_LOOK_TABLE: Record<Touch, readonly string[]> = {
  'axle-out': WHEEL_IN,
  'tyre-off': [...WHEEL_IN, 'tyre-pressure', 'tyre-seated', 'tyre-casing', 'rim-pads-track'],
  'wheel-trued': ['rim', 'spokes', 'stops-wheel', 'lever-returns'],
  'brake-work': [
    'lever-travel',
    'lever-hold',
    'stops-wheel',
    'lever-returns',
    'rim-pads-track',
    'disc-pads',
    'rotor',
    'rotor-fixings',
    'brake-mounts',
    'brake-hose',
    'brake-cable',
    'coaster-brake',
    'drum-brake',
    'trike-brake-balance',
  ],
  'stem-headset': ['headset-play', 'fork-whole', 'trike-linkage', 'stem-tight', 'quill-mark', 'levers-on-bar', 'brake-hose', 'brake-cable'],
  'bar-levers-grips': ['stem-tight', 'bars', 'grips', 'levers-on-bar', 'lever-travel', 'brake-hose', 'brake-cable'],
  'cranks-pedals': ['crank-arms', 'pedals'],
  'chain-sprockets': ['chain-joined', 'chain-slack', 'belt', 'shifts', 'hanger', 'coaster-brake', 'wheel-nutted'],
  'gears-set': ['shifts', 'hanger'],
  'saddle-post': ['saddle-tight', 'post-depth', 'trike-seat'],
  'rear-suspension': ['suspension-pivots'],
  'assist-wiring': ['battery', 'motor-stops'],
  accessories: ['loads', 'bell-lights'],
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

/** The places a kind of work may be said to touch. */
export function positionsOfTouch(touch: Touch): readonly Position[] {
  return ENDED.has(touch) ? ['front', 'rear'] : ['only'];
}
