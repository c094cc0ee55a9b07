import { isEnded, type Touch, type Touched, type Work } from '@cadre/core/catalogue';
import type { Build, FitmentPosition, PartFacts, PartKind } from '@cadre/core/fleet';

const OF_PART: Record<PartKind, readonly Work[]> = {
  wheel: ['axle-out', 'tyre-off', 'wheel-trued', 'hub-bearings', 'brake-work'],
  tyre: ['tyre-off'],
  rotor: ['axle-out', 'brake-work'],
  pads: ['brake-work'],
  chain: ['chain-sprockets', 'gears-set'],
  cassette: ['chain-sprockets', 'gears-set', 'axle-out@rear'],
  fork: ['stem-headset', 'fork-suspension', 'axle-out@front', 'brake-work@front'],
  shock: ['rear-suspension'],
  saddle: ['saddle-post'],
  seatpost: ['saddle-post'],
  battery: ['assist-wiring'],
  pedals: ['cranks-pedals'],
  cranks: ['cranks-pedals', 'chain-sprockets'],
  bracket: ['cranks-pedals', 'chain-sprockets'],
  // Nobody said where it sits: all that a bearing may be opened for.
  bearing: ['stem-headset', 'hub-bearings@front', 'hub-bearings@rear', 'cranks-pedals'],
  cables: ['brake-work@front', 'brake-work@rear', 'gears-set', 'bar-levers-grips'],
  seals: ['fork-suspension', 'axle-out@front', 'brake-work@front'],
  lights: ['accessories', 'assist-wiring'],
  device: ['accessories'],
  other: [],
};
const OF_BEARING: Record<NonNullable<PartFacts['place']>, readonly Work[]> = {
  'headset-upper': ['stem-headset'],
  'headset-lower': ['stem-headset'],
  'front-hub': ['hub-bearings@front'],
  'rear-hub': ['hub-bearings@rear'],
  freehub: ['hub-bearings@rear', 'chain-sprockets'],
  bracket: ['cranks-pedals', 'chain-sprockets'],
  pivots: ['rear-suspension'],
};
/** A rear wheel brings its sprockets, and the gears are set to them. */
const WITH_REAR_WHEEL: readonly Work[] = ['chain-sprockets', 'gears-set'];

/**
 * What renewing a part touches at the least: nobody can leave these looks out by not ticking them. A part with an end disturbs
 * that end; without a derailleur a new chain moves the rear wheel in its dropouts.
 */
export function touchesOfPart(
  kind: PartKind,
  position: FitmentPosition,
  build: Pick<Build, 'gears'>,
  facts: PartFacts = {},
): readonly Touched[] {
  const works: readonly Work[] = [
    ...(kind === 'bearing' && facts.place ? OF_BEARING[facts.place] : OF_PART[kind]),
    ...(kind === 'wheel' && position !== 'front' ? WITH_REAR_WHEEL : []),
    ...(kind === 'chain' && build.gears !== 'derailleur' ? (['axle-out@rear'] as const) : []),
  ];
  return works.map((work) => {
    const [touch, end] = work.split('@') as [Touch, ('front' | 'rear')?];
    return { touch, position: end ?? (isEnded(touch) ? (position === 'only' ? 'rear' : position) : 'only') };
  });
}

/** Both lists, each touch once. */
export function withTouches(said: readonly Touched[], more: readonly Touched[]): readonly Touched[] {
  const has = (list: readonly Touched[], each: Touched): boolean =>
    list.some((other) => other.touch === each.touch && other.position === each.position);
  return more.reduce<readonly Touched[]>((all, each) => (has(all, each) ? all : [...all, each]), said);
}
