import type { FitmentPosition, PartKind } from '@cadre/core/fleet';
import type { Touch, Touched } from './touches';

const OF_PART: Record<PartKind, readonly Touch[]> = {
  wheel: ['axle-out', 'tyre-off', 'brake-work'],
  tyre: ['axle-out', 'tyre-off'],
  rotor: ['axle-out', 'brake-work'],
  pads: ['brake-work'],
  chain: ['chain-sprockets', 'gears-set'],
  cassette: ['chain-sprockets', 'gears-set'],
  fork: ['stem-headset', 'fork-suspension', 'axle-out', 'brake-work'],
  shock: ['rear-suspension'],
  saddle: ['saddle-post'],
  seatpost: ['saddle-post'],
  battery: ['assist-wiring'],
  pedals: ['cranks-pedals'],
  other: [],
};
const ENDED: readonly Touch[] = ['axle-out', 'tyre-off', 'wheel-trued', 'brake-work'];

/**
 * What renewing a part touches at the least: nobody can leave these looks out by not ticking them. A part with an end disturbs
 * that end; a cassette has the rear wheel out; a fork the front one.
 */
export function touchesOfPart(kind: PartKind, position: FitmentPosition): readonly Touched[] {
  const end = position === 'only' ? (kind === 'fork' ? 'front' : 'rear') : position;
  const touches = kind === 'cassette' ? [...OF_PART.cassette, 'axle-out' as const] : OF_PART[kind];
  return touches.map((touch) => ({ touch, position: ENDED.includes(touch) ? end : 'only' }));
}

/** Both lists, each touch once. */
export function withTouches(said: readonly Touched[], more: readonly Touched[]): readonly Touched[] {
  const has = (list: readonly Touched[], each: Touched): boolean =>
    list.some((other) => other.touch === each.touch && other.position === each.position);
  return more.reduce<readonly Touched[]>((all, each) => (has(all, each) ? all : [...all, each]), said);
}
