import { DAY_MS } from '@cadre/core/time';
import { isRear, type Position } from '@cadre/core/catalogue';
import type { BikeKind, FitmentPosition, PartKind } from '@cadre/core/fleet';
import { mostWorn, TYPICAL_OUTING } from '@cadre/core/measures';
import { isWorn, type WearUnit, type WornMeasure } from './usual';

/** A part where it sat, from when to when. */
export interface FittedSpan {
  readonly partId: string;
  readonly partName: string;
  readonly kind: PartKind;
  readonly bikeId: string;
  readonly position: FitmentPosition;
  readonly from: number;
  /** Null: it sits there now. */
  readonly to: number | null;
}

/** A signed reading of something that may wear. */
export interface TakenReading {
  readonly bikeId: string;
  readonly measure: string;
  readonly position: Position;
  readonly method?: string | undefined;
  readonly values: readonly number[];
  readonly at: number;
  readonly better?: string | undefined;
}

export interface RiddenBike {
  readonly id: string;
  readonly kind: BikeKind;
  /** When it went out, in any order, and how far; null: as far as its kind typically goes. */
  readonly outings: readonly { readonly at: number; readonly km: number | null }[];
}

export interface SeriesPoint {
  readonly at: number;
  readonly usage: number;
  readonly value: number;
  readonly bikeId: string;
  /** What was said of a figure better than the one before. */
  readonly better?: string | undefined;
}

/** The readings of one part, wherever it sat, or of what sits on one bike unnamed. */
export interface WearSeries {
  readonly key: string;
  readonly measure: WornMeasure;
  /** Where it was read last. */
  readonly position: Position;
  readonly method: string | null;
  readonly partId: string | null;
  readonly partName: string | null;
  /** Where it is now; null when it is on no bike, or something newer is in its place. */
  readonly onBike: string | null;
  readonly since: number;
  readonly unit: WearUnit;
  readonly points: readonly SeriesPoint[];
  readonly usageNow: number;
  /** Usage a day of late; 0 when it stood still. */
  readonly perDay: number;
}

/** What "of late" means. */
const LATELY_DAYS = 60;

/** The parts a measured thing wears with, the nearest first: a rotor goes with its wheel. */
const CARRIED_BY: Record<WornMeasure, readonly PartKind[]> = {
  chain: ['chain'],
  'disc-pad': ['pads'],
  'rim-pad': ['pads'],
  rotor: ['rotor', 'wheel'],
  'rim-track': ['wheel'],
  'rim-wall': ['wheel'],
};

function endOf(position: Position): FitmentPosition {
  return position === 'only' ? 'only' : isRear(position) ? 'rear' : 'front';
}

function carrierOf(
  reading: TakenReading & { readonly measure: WornMeasure },
  spans: readonly FittedSpan[],
): FittedSpan | null {
  const here = spans.filter(
    (span) =>
      span.bikeId === reading.bikeId &&
      span.position === endOf(reading.position) &&
      span.from <= reading.at &&
      (span.to === null || reading.at < span.to),
  );
  for (const kind of CARRIED_BY[reading.measure]) {
    const found = here.find((span) => span.kind === kind);
    if (found) return found;
  }
  return null;
}

interface Gathered {
  readonly key: string;
  readonly measure: WornMeasure;
  readonly position: Position;
  readonly method: string | null;
  readonly spans: readonly FittedSpan[];
  readonly partId: string | null;
  readonly partName: string | null;
  readonly onBike: string | null;
  readonly readings: readonly TakenReading[];
}

/** Compound and total thickness are no one scale; how a chain was measured does not matter to what it is. */
const methodOf = (reading: TakenReading): string | null =>
  reading.measure === 'disc-pad' ? (reading.method ?? 'compound') : null;

/** Readings by the part they were taken of; what has no part by the bike, anew from each reading that says it was renewed. */
function gather(readings: readonly TakenReading[], spans: readonly FittedSpan[]): readonly Gathered[] {
  const byKey = new Map<string, Gathered>();
  const run = new Map<string, number>();
  for (const reading of [...readings].sort((a, b) => a.at - b.at)) {
    const { measure } = reading;
    if (!isWorn(measure)) continue;
    const method = methodOf(reading);
    const carrier = carrierOf({ ...reading, measure }, spans);
    const place = [reading.bikeId, measure, reading.position, method].join(' ');
    if (!carrier && reading.better === 'renewed') run.set(place, (run.get(place) ?? 0) + 1);
    const key = carrier
      ? [carrier.partId, measure, method].join(' ')
      : [place, run.get(place) ?? 0].join(' ');
    const known = byKey.get(key);
    const own = carrier ? spans.filter((span) => span.partId === carrier.partId) : [];
    byKey.set(key, {
      key,
      measure,
      position: reading.position,
      method,
      spans: own,
      partId: carrier?.partId ?? null,
      partName: carrier?.partName ?? null,
      onBike: carrier ? (own.find((span) => span.to === null)?.bikeId ?? null) : reading.bikeId,
      readings: [...(known?.readings ?? []), reading],
    });
    // What was measured of the place before is there no more.
    const before = carrier ? null : byKey.get([place, (run.get(place) ?? 0) - 1].join(' '));
    if (before) byKey.set(before.key, { ...before, onBike: null });
  }
  return [...byKey.values()];
}

/** How far a bike was ridden between two moments, in km. */
function ridden(bike: RiddenBike | undefined, from: number, to: number): number {
  if (!bike) return 0;
  const typical = TYPICAL_OUTING[bike.kind].km;
  return bike.outings
    .filter(({ at }) => at > from && at <= to)
    .reduce((sum, { km }) => sum + (km ?? typical), 0);
}

function measureSeries(each: Gathered, bikes: ReadonlyMap<string, RiddenBike>, now: number): WearSeries {
  const [first] = each.readings;
  const since = each.spans.length > 0 ? Math.min(...each.spans.map((span) => span.from)) : (first?.at ?? now);
  const kmBetween = (from: number, to: number): number => {
    const spans =
      each.spans.length > 0 ? each.spans : [{ bikeId: first?.bikeId ?? '', from: since, to: null }];
    return spans.reduce((sum, span) => {
      return sum + ridden(bikes.get(span.bikeId), Math.max(span.from, from), Math.min(span.to ?? to, to));
    }, 0);
  };
  const last = each.readings.at(-1)?.at ?? since;
  // Where no outing lies between the readings, km say nothing of what wore it.
  const unit: WearUnit =
    kmBetween(
      each.readings.length > 1 ? (first?.at ?? since) : since,
      each.readings.length > 1 ? last : now,
    ) > 0
      ? 'km'
      : 'days';
  const usageAt = (at: number): number =>
    unit === 'km' ? kmBetween(since - 1, at) : Math.max(0, (at - since) / DAY_MS);
  const points = each.readings.flatMap((reading): SeriesPoint[] => {
    const value = mostWorn(each.measure, reading.values);
    return value === null
      ? []
      : [
          {
            at: reading.at,
            usage: usageAt(reading.at),
            value,
            bikeId: reading.bikeId,
            ...(reading.better ? { better: reading.better } : {}),
          },
        ];
  });
  const from = Math.max(since, now - LATELY_DAYS * DAY_MS);
  const days = (now - from) / DAY_MS;
  const { readings: _readings, spans: _spans, ...told } = each;
  return {
    ...told,
    since,
    unit,
    points,
    usageNow: usageAt(now),
    perDay: unit === 'days' ? 1 : days > 0 ? kmBetween(from, now) / days : 0,
  };
}

/**
 * The wear series of what was read, oldest reading first in each: by part wherever it sat, and by bike where no part is named. Usage since fitting in
 * km by recorded outings times what the kind typically rides, in days where none lies between the readings.
 */
export function wearSeries(
  readings: readonly TakenReading[],
  spans: readonly FittedSpan[],
  bikes: readonly RiddenBike[],
  now: number,
): readonly WearSeries[] {
  const byId = new Map(bikes.map((bike) => [bike.id, bike]));
  return gather(readings, spans)
    .map((each) => measureSeries(each, byId, now))
    .sort((a, b) => (a.key < b.key ? -1 : 1));
}
