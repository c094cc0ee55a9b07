import type { BikeKind } from '@cadre/core/fleet';
import {
  tyreStart,
  usualPressure,
  WHEEL_SHARE,
  type LimitChoices,
  type LimitSource,
  type PressureWindow,
  type TyreRide,
} from '@cadre/core/measures';
import type { FieldIssue } from '@cadre/core/errors';
import type { Rider } from './rider';
import { saddleStart, type SaddleRange, type SaddleStart } from './saddle-start';
import { suspensionStart, type LastSag, type SuspensionStart } from './suspension-start';

/** A bike as far as a rider's fit goes; null: not stated. */
export interface FitBike {
  readonly kind: BikeKind;
  readonly heightMinMm: number | null;
  readonly heightMaxMm: number | null;
  /** Rider and luggage, kg, as marked. */
  readonly maximumLoadKg: number | null;
  /** Rider, luggage and bike, kg, as marked. */
  readonly maximumTotalKg: number | null;
  readonly bikeKg: number | null;
  readonly tyres: Readonly<Record<'front' | 'rear', FitTyre>>;
  readonly fork: FitSuspension | null;
  readonly shock: FitSuspension | null;
  readonly saddle: SaddleRange;
}

export interface FitTyre {
  readonly widthMm: number | null;
  readonly window: PressureWindow;
  readonly tubeless: boolean;
}

export interface FitSuspension {
  readonly table: string | null;
  readonly markedMax: number | null;
  readonly last: LastSag | null;
  /** The middle of its band, a share. */
  readonly targetSag: number;
}

/** Why a bike is not offered to a rider. */
export type NotOffered =
  | { readonly code: 'too-heavy'; readonly kg: number; readonly most: number; readonly of: 'load' | 'total' }
  | { readonly code: 'too-short' | 'too-tall'; readonly limitMm: number }
  | { readonly code: 'frame-too-small' | 'frame-too-large' };

export interface TyreFigure {
  readonly kPa: number;
  /** Calculated for the rider, or the program's figure for the kind of bike. */
  readonly from: 'calculated' | 'usual';
  readonly source: LimitSource;
}

export interface RiderFit {
  /** Empty: it is offered. */
  readonly notOffered: readonly NotOffered[];
  /** Null: the markings leave no room, the maker is asked. */
  readonly tyres: Readonly<Record<'front' | 'rear', TyreFigure | null>>;
  readonly fork: SuspensionStart | null;
  readonly shock: SuspensionStart | null;
  /** Null: nothing is known of the rider's legs, or the frame does not fit, or it is a child's: see `childSaddle`. */
  readonly saddle: SaddleStart | null;
  /** Both balls of the feet reach the ground: what sets a child's saddle. */
  readonly childSaddle: boolean;
}

/** What a bike weighs where its list does not say, kg, on the heavy side: a limit on the whole is met with more, not with less. */
const ASSUMED_BIKE_KG: Readonly<Record<BikeKind, number>> = {
  child: 14,
  hybrid: 17,
  hardtail: 16,
  'full-suspension': 18,
  'step-through': 29,
  cargo: 50,
  trike: 25,
};

/** What is wrong with what was said of a rider: a figure out of range, or neither height nor inseam. */
export function riderIssues(rider: Rider): readonly FieldIssue[] {
  const issues: FieldIssue[] = [];
  const range = (path: keyof Rider, least: number, most: number, unit: string): void => {
    const value = rider[path];
    if (value !== null && (!Number.isFinite(value) || value < least || value > most))
      issues.push({ path, code: 'out-of-range', params: { least, most, unit } });
  };
  range('massKg', 10, 250, 'kg');
  range('luggageKg', 0, 100, 'kg');
  range('heightMm', 800, 2300, 'mm');
  range('inseamMm', 300, 1200, 'mm');
  return issues;
}

function massIssues(rider: Rider, bike: FitBike): readonly NotOffered[] {
  const load = rider.massKg + rider.luggageKg;
  const total = load + (bike.bikeKg ?? ASSUMED_BIKE_KG[bike.kind]);
  const over = (kg: number, most: number | null, of: 'load' | 'total'): readonly NotOffered[] =>
    most !== null && kg >= most ? [{ code: 'too-heavy', kg, most, of }] : [];
  return [...over(load, bike.maximumLoadKg, 'load'), ...over(total, bike.maximumTotalKg, 'total')];
}

function heightIssues({ heightMm }: Rider, bike: FitBike): readonly NotOffered[] {
  if (heightMm === null) return [];
  if (bike.heightMinMm !== null && heightMm < bike.heightMinMm)
    return [{ code: 'too-short', limitMm: bike.heightMinMm }];
  return bike.heightMaxMm !== null && heightMm > bike.heightMaxMm
    ? [{ code: 'too-tall', limitMm: bike.heightMaxMm }]
    : [];
}

/** Two wheels an adult sits between: only of these is the share of a wheel known. */
const CALCULATED_KINDS: readonly BikeKind[] = ['hybrid', 'hardtail', 'full-suspension', 'step-through'];

function tyreFigure(
  rider: Rider,
  bike: FitBike,
  end: 'front' | 'rear',
  ride: Omit<TyreRide, 'tubeless'>,
  choices: LimitChoices,
): TyreFigure | null {
  const { widthMm, window, tubeless } = bike.tyres[end];
  if (widthMm !== null && CALCULATED_KINDS.includes(bike.kind)) {
    const mass = rider.massKg + rider.luggageKg + (bike.bikeKg ?? ASSUMED_BIKE_KG[bike.kind]);
    const start = tyreStart(mass, WHEEL_SHARE[end], widthMm, { ...ride, tubeless }, window);
    if (start.ok) {
      const { pressure, held } = start.value;
      // What was calculated and chosen for this tyre before is its floor from then on.
      if (window.floorSource === 'start' && window.floor !== null && pressure < window.floor)
        return { kPa: window.floor, from: 'calculated', source: 'start' };
      return { kPa: pressure, from: 'calculated', source: held ? 'marking' : 'default' };
    }
  }
  const usual = usualPressure(bike.kind, end, window, choices);
  return usual ? { kPa: usual.value, from: 'usual', source: usual.source } : null;
}

/**
 * How a bike is set for a rider, or why it is not offered: heights are inside the stated range, ends included; a mass at or over a stated maximum is over it; of two maxima both
 * hold. Pressures are starting points inside the tyres' windows: calculated for adults on two-wheelers, else the program's figure for the kind of bike. Children's bikes have the
 * program's figures only, and no saddle height: both balls of the feet reach the ground. Limits: marking, then policy, then default.
 */
export function riderFit(
  rider: Rider,
  bike: FitBike,
  ride: Omit<TyreRide, 'tubeless'>,
  choices: LimitChoices,
): RiderFit {
  const isChild = bike.kind === 'child';
  // A recumbent has a seat: its length is set by the legs, not its height.
  const saddle = isChild || bike.kind === 'trike' ? null : saddleStart(rider, bike.saddle);
  const load = rider.massKg + rider.luggageKg;
  const start = (of: FitSuspension | null): SuspensionStart | null =>
    of && !isChild ? suspensionStart(load, of, of.last, of.targetSag) : null;
  return {
    notOffered: [
      ...massIssues(rider, bike),
      ...heightIssues(rider, bike),
      ...(saddle === 'too-small' ? [{ code: 'frame-too-small' as const }] : []),
      ...(saddle === 'too-large' ? [{ code: 'frame-too-large' as const }] : []),
    ],
    tyres: {
      front: tyreFigure(rider, bike, 'front', ride, choices),
      rear: tyreFigure(rider, bike, 'rear', ride, choices),
    },
    fork: start(bike.fork),
    shock: start(bike.shock),
    saddle: saddle === 'too-small' || saddle === 'too-large' ? null : saddle,
    childSaddle: isChild,
  };
}
