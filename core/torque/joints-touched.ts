import { isRear, type Touch, type Touched } from '@cadre/core/catalogue';
import type { Build, Joint } from '@cadre/core/fleet';
import { jointsOf } from './card-joints';

const JOINTS_OF: Record<Touch, readonly Joint[]> = {
  'axle-out': [],
  'tyre-off': [],
  'air-out': [],
  'wheel-trued': [],
  'hub-bearings': [],
  'brake-work': ['caliper-mount', 'rotor-bolt', 'rim-brake-mount', 'cable-pinch'],
  'stem-headset': ['stem-steerer', 'stem-faceplate', 'bar-clamp'],
  'bar-levers-grips': ['lever-clamp', 'stem-faceplate', 'bar-clamp'],
  'cranks-pedals': ['crank-arm', 'pedal', 'ring-bolt'],
  'chain-sprockets': ['lock-ring'],
  'gears-set': ['hanger', 'front-derailleur', 'cable-pinch'],
  'saddle-post': ['seatpost-clamp', 'saddle-rail'],
  'rear-suspension': ['pivot'],
  'fork-suspension': [],
  'assist-wiring': [],
  accessories: [],
};

/** The joints of this bike that work of this kind loosens: what is tightened before it is done. */
export function jointsTouched(touched: readonly Touched[], build: Build): readonly Joint[] {
  const loosened = new Set(
    touched.flatMap(({ touch, position }): readonly Joint[] =>
      touch === 'axle-out' ? [isRear(position) ? 'axle-rear' : 'axle-front'] : JOINTS_OF[touch],
    ),
  );
  return jointsOf(build)
    .map(({ joint }) => joint)
    .filter((joint) => loosened.has(joint));
}
