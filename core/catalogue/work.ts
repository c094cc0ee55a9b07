import { INCIDENT_KINDS, type IncidentKind } from '@cadre/core/incidents';
import type { Checkpoint } from './checkpoint';
import { isRear, type Position, type Zone } from './words';

/** Kinds of work, by what they disturb. Each end of the bike counts apart where it matters. */
export const TOUCHES = [
  'axle-out',
  'tyre-off',
  'air-out',
  'wheel-trued',
  'hub-bearings',
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

/** Kinds of work that happen at one end of the bike. */
export const ENDED_TOUCHES = [
  'axle-out',
  'tyre-off',
  'air-out',
  'wheel-trued',
  'hub-bearings',
  'brake-work',
] as const satisfies readonly Touch[];
export type EndedTouch = (typeof ENDED_TOUCHES)[number];

/**
 * What can disturb a checkpoint that was right: a kind of work, at its own end or only at the end named (the rear axle and the chain), or something
 * that happened to the bike.
 */
export type Disturbance = Work | IncidentKind;

/** Work at a place; an ended kind without an end is done at the end of the fault it puts right. */
export type Work = Touch | `${EndedTouch}@${'front' | 'rear'}`;

export const WORKS: readonly Work[] = [
  ...TOUCHES,
  ...ENDED_TOUCHES.flatMap((touch): Work[] => [`${touch}@front`, `${touch}@rear`]),
];
export const DISTURBANCES: readonly Disturbance[] = [...WORKS, ...INCIDENT_KINDS];

/** A kind of work at a place. */
export interface Touched {
  readonly touch: Touch;
  readonly position: Position;
}

/** Work that cannot be done without the other. */
const IMPLIED: Partial<Record<Touch, readonly Touch[]>> = {
  'tyre-off': ['axle-out', 'air-out'],
  'hub-bearings': ['axle-out'],
};

/** The end that work without an end reaches, where a checkpoint is asked at both: the chain ends at the rear wheel. Absent: both. */
const REACHES: Partial<Record<Touch, 'front' | 'rear'>> = {
  'cranks-pedals': 'rear',
  'chain-sprockets': 'rear',
  'gears-set': 'rear',
  'rear-suspension': 'rear',
  'fork-suspension': 'front',
};

/** What work in a zone disturbs, where the checkpoint says nothing of its own. */
const BY_ZONE: Record<Zone, readonly Work[]> = {
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

export function isEnded(touch: Touch): touch is EndedTouch {
  return (ENDED_TOUCHES as readonly Touch[]).includes(touch);
}

/** The places a kind of work may be said to touch. */
export function positionsOfTouch(touch: Touch): readonly Position[] {
  return isEnded(touch) ? ['front', 'rear'] : ['only'];
}

function zonesOf({ at }: Pick<Checkpoint, 'at'>): readonly Zone[] {
  return [at.only, at.front, at.rear].filter((zone): zone is Zone => zone !== undefined);
}

/** What can disturb a checkpoint. One that says nothing (a lead's own) is disturbed by all work in its zones. */
export function disturbancesOf(checkpoint: Pick<Checkpoint, 'at' | 'disturbedBy'>): readonly Disturbance[] {
  return checkpoint.disturbedBy ?? [...new Set(zonesOf(checkpoint).flatMap((zone) => BY_ZONE[zone]))];
}

/**
 * What putting a fault right disturbs at the least: what was said of it in the catalogue when it was found, else the usual work of its zone. Work that
 * names no end is done at the fault's. Empty where a fault can be repaired with nothing loosened.
 */
export function leastWork(found: {
  readonly zone: Zone;
  readonly position: Position;
  readonly work?: readonly Work[] | undefined;
}): readonly Touched[] {
  const atRear = isRear(found.position) || (found.position === 'only' && found.zone.startsWith('rear'));
  const own: Position = atRear ? 'rear' : found.position;
  return (found.work ?? BY_ZONE[found.zone]).map((work) => {
    const [touch, end] = work.split('@') as [Touch, ('front' | 'rear')?];
    return { touch, position: end ?? (isEnded(touch) ? own : 'only') };
  });
}

/** The work said and all it cannot be done without, each once. */
export function withImplied(said: readonly Touched[]): readonly Touched[] {
  const all = new Map<string, Touched>();
  for (const { touch, position } of said)
    for (const each of [touch, ...(IMPLIED[touch] ?? [])])
      all.set(`${each}@${position}`, { touch: each, position });
  return [...all.values()];
}

const FRONTS: readonly Position[] = ['front', 'left-front', 'right-front'];
const REARS: readonly Position[] = ['rear', 'rear-second'];
const EVERY_END: readonly Position[] = [...FRONTS, ...REARS];

/** The ends of a checkpoint that work at `position` reaches. A trike's one front wheel is not the other. */
function endsReached(touch: Touch, position: Position): readonly Position[] {
  const end = position === 'only' ? REACHES[touch] : position;
  if (end === undefined) return EVERY_END;
  if (end === 'front') return FRONTS;
  return isRear(end) ? REARS : [end];
}

/** Whether work at `position` is at the end that a disturbance names. Work at no certain end counts for either. */
function isAt(end: string, position: Position): boolean {
  return position === 'only' || (end === 'rear') === isRear(position);
}

/** Where a checkpoint is asked again after this work: none when the work cannot disturb it. What the build rules out is not considered. */
export function disturbedAt(
  checkpoint: Pick<Checkpoint, 'at' | 'disturbedBy'>,
  { touch, position }: Touched,
): readonly Position[] {
  const places = disturbancesOf(checkpoint).flatMap((disturbance): readonly Position[] => {
    const [kind, end] = disturbance.split('@');
    if (kind !== touch) return [];
    if (checkpoint.at.only) return end === undefined || isAt(end, position) ? ['only'] : [];
    if (end === undefined) return endsReached(touch, position);
    return isAt(end, position) ? EVERY_END : [];
  });
  return [...new Set(places)];
}
