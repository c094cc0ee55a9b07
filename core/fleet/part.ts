import { assertNever } from '@cadre/core/errors';
import { brakesAt, type Build, type BrakeType, type WheelSize } from './build';
import type { FitList } from './fit/fit-list';

/** Things that wear or carry a marking, and move between bikes with their history. */
export const PART_KINDS = [
  'wheel',
  'tyre',
  'rotor',
  'pads',
  'chain',
  'cassette',
  'fork',
  'shock',
  'saddle',
  'seatpost',
  'battery',
  'pedals',
  'cranks',
  'bracket',
  'bearing',
  'cables',
  'seals',
  'lights',
  'device',
  'other',
] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** Where a bearing sits: each place has its own, with a designation of its own. */
export const BEARING_PLACES = [
  'headset-upper',
  'headset-lower',
  'front-hub',
  'rear-hub',
  'freehub',
  'bracket',
  'pivots',
] as const;

export const FITMENT_POSITIONS = ['only', 'front', 'rear'] as const;
export type FitmentPosition = (typeof FITMENT_POSITIONS)[number];

/** What decides whether it goes onto a bike. */
export interface PartFacts {
  readonly wheelSize?: WheelSize | undefined;
  readonly brake?: BrakeType | undefined;
  readonly retention?: Build['retentionFront'] | undefined;
  readonly sprockets?: number | undefined;
  /** Of a bearing: where it sits and its size by the finder, which tells its angles as well. */
  readonly place?: (typeof BEARING_PLACES)[number] | undefined;
  readonly designation?: string | undefined;
}

export interface Part {
  readonly id: string;
  readonly kind: PartKind;
  readonly name: string;
  readonly facts: PartFacts;
  readonly markings: FitList;
}

/** Kinds that sit at one end of the bike. */
const ENDED: readonly PartKind[] = ['wheel', 'tyre', 'rotor', 'pads'];

/** Kinds of which a bike may have many at one place. */
const MANY: readonly PartKind[] = ['cables', 'seals', 'lights', 'device', 'other'];

/** The place on a bike that only one such part can have; null for what there may be many of. */
export function onlyPlace(part: Pick<Part, 'kind' | 'facts'>, position: FitmentPosition): string | null {
  if (MANY.includes(part.kind)) return null;
  return part.kind === 'bearing'
    ? part.facts.place
      ? `bearing ${part.facts.place}`
      : null
    : `${part.kind} ${position}`;
}

/** Whether a bike that had it is not whole without it. */
export const isMissed = (kind: PartKind): boolean => !['lights', 'device', 'other'].includes(kind);

/** What sits on a wheel and goes where it goes. */
const ON_A_WHEEL: readonly PartKind[] = ['tyre', 'rotor'];

/** Whether a part at a place sits on the wheel at an end: its tyre, its rotor, and on a rear wheel the cassette. */
export function sitsOnWheel(kind: PartKind, position: FitmentPosition, end: FitmentPosition): boolean {
  return (ON_A_WHEEL.includes(kind) && position === end) || (kind === 'cassette' && end === 'rear');
}

/** Where a kind of part may sit. */
export function positionsOfPart(kind: PartKind): readonly FitmentPosition[] {
  return ENDED.includes(kind) ? ['front', 'rear'] : ['only'];
}

/** Why a part does not go onto a bike, as codes; the words are the screen's. */
export const MISMATCHES = [
  'wrong-end',
  'wheel-size',
  'brake',
  'retention',
  'no-disc',
  'no-assist',
  'no-shock',
  'no-seatpost',
  'belt',
  'no-derailleur',
  'sprockets',
] as const;
export type Mismatch = (typeof MISMATCHES)[number];

const brakeFamily = (brake: string): string =>
  brake === 'cable-disc' || brake === 'hydraulic-disc' ? 'disc' : brake;

/**
 * Everything that speaks against fitting a part to a bike built so, at a place. Empty: nothing known
 * speaks against it, which is not the same as fit to ride: the looks after it still stand.
 */
export function partMismatches(
  part: Pick<Part, 'kind' | 'facts'>,
  build: Build,
  position: FitmentPosition,
): readonly Mismatch[] {
  if (!positionsOfPart(part.kind).includes(position)) return ['wrong-end'];
  const end = position === 'rear' ? 'Rear' : 'Front';
  const { facts } = part;
  const brakes = brakesAt(build, position === 'rear' ? 'rear' : 'front').map(brakeFamily);
  const isFor = (brake: BrakeType): boolean => brakes.includes(brakeFamily(brake));
  const size: Mismatch[] =
    facts.wheelSize && facts.wheelSize !== build[`wheelSize${end}`] ? ['wheel-size'] : [];
  switch (part.kind) {
    case 'wheel':
      return [
        ...size,
        ...(facts.brake && !isFor(facts.brake) ? (['brake'] as const) : []),
        ...(facts.retention && facts.retention !== build[`retention${end}`] ? (['retention'] as const) : []),
      ];
    case 'tyre':
      return size;
    case 'rotor':
      return brakes.includes('disc') ? [] : ['no-disc'];
    case 'pads':
      if (facts.brake) return isFor(facts.brake) ? [] : ['brake'];
      return brakes.every((brake) => ['none', 'coaster', 'parking'].includes(brake)) ? ['brake'] : [];
    case 'battery':
      return build.assist === 'none' ? ['no-assist'] : [];
    case 'shock':
      return build.rearSuspension === 'none' ? ['no-shock'] : [];
    case 'fork':
      return size;
    case 'saddle':
    case 'seatpost':
      return build.seatpost === 'seat-frame' ? ['no-seatpost'] : [];
    case 'chain':
      return build.transmission === 'belt'
        ? ['belt']
        : facts.sprockets && facts.sprockets !== build.sprockets
          ? ['sprockets']
          : [];
    case 'cassette':
      return build.gears !== 'derailleur'
        ? ['no-derailleur']
        : facts.sprockets && facts.sprockets !== build.sprockets
          ? ['sprockets']
          : [];
    case 'pedals':
    case 'cranks':
    case 'bracket':
    case 'bearing':
    case 'cables':
    case 'seals':
    case 'lights':
    case 'device':
    case 'other':
      return [];
    default:
      return assertNever(part.kind);
  }
}
