import { ZONES, type Zone } from '@cadre/core/catalogue';
import { drawBike } from '@cadre/core/figure';
import type { Build } from '@cadre/core/fleet';

/** What riders say is wrong: few, plain, and the same at many places. */
export const REPORT_FAULTS = [
  'weak',
  'rubs',
  'loose',
  'stiff',
  'bent',
  'cracked',
  'flat',
  'noisy',
  'slips',
  'chain-off',
  'shifts-badly',
  'too-low',
  'stops',
  'hot',
  'child-seat',
  'trailer-hitch',
  'light',
  'bell',
  'crash',
  'other',
] as const;
export type ReportFault = (typeof REPORT_FAULTS)[number];

/** What can be wrong at a place, the likeliest first. */
const FAULTS_AT: Record<Zone, readonly ReportFault[]> = {
  'front-wheel': ['flat', 'loose', 'bent', 'noisy', 'other'],
  'front-brake': ['weak', 'rubs', 'loose', 'noisy', 'other'],
  'fork-headset': ['loose', 'stiff', 'bent', 'noisy', 'other'],
  cockpit: ['loose', 'bent', 'cracked', 'other'],
  frame: ['cracked', 'bent', 'noisy', 'other'],
  'rear-suspension': ['loose', 'stiff', 'noisy', 'other'],
  'cranks-pedals': ['loose', 'bent', 'noisy', 'other'],
  drivetrain: ['chain-off', 'slips', 'shifts-badly', 'noisy', 'other'],
  'saddle-post': ['slips', 'loose', 'too-low', 'cracked', 'other'],
  'rear-brake': ['weak', 'rubs', 'loose', 'noisy', 'other'],
  'rear-wheel': ['flat', 'loose', 'bent', 'noisy', 'other'],
  assist: ['stops', 'weak', 'hot', 'loose', 'other'],
  accessories: ['light', 'bell', 'child-seat', 'trailer-hitch', 'loose', 'other'],
  'off-bike': ['other'],
};
/** Of no place in particular. */
const FAULTS_ANYWHERE: readonly ReportFault[] = ['crash', 'noisy', 'other'];

export const faultsAt = (zone: Zone | null): readonly ReportFault[] =>
  zone === null ? FAULTS_ANYWHERE : FAULTS_AT[zone];

/** The places of a bike a rider can touch: those its drawing has. */
export function reportPlaces(build: Build): readonly Zone[] {
  const { anchors } = drawBike(build);
  return ZONES.filter((zone) => zone in anchors && zone !== 'off-bike');
}

/** Places at which nothing that is wrong keeps a bike in by itself. */
const LIGHT_PLACES: readonly Zone[] = ['drivetrain', 'accessories', 'off-bike'];
/** What keeps it in wherever it is. */
const HEAVY_FAULTS: readonly ReportFault[] = ['crash', 'child-seat', 'trailer-hitch'];

/** What a report says, whoever made it. */
export interface ReportSaid {
  readonly zone: Zone | null;
  readonly fault: ReportFault;
  /** Whether the rider goes on riding; no: the bike cannot go on. */
  readonly canRide: boolean;
}

/**
 * Whether a report holds its bike until a mechanic or lead has dealt with it: brakes, steering, wheels, frame, cranks, pedals, seatpost, child seat, trailer hitch,
 * battery, a crash, a bike that cannot go on; and what nobody can place, as it may be any of them.
 */
export function reportHolds({ zone, fault, canRide }: ReportSaid): boolean {
  return !canRide || HEAVY_FAULTS.includes(fault) || zone === null || !LIGHT_PLACES.includes(zone);
}

/** Whether two reports of one bike tell of one fault: then they are one, told twice. */
export function isSameReport(
  a: Pick<ReportSaid, 'zone' | 'fault'>,
  b: Pick<ReportSaid, 'zone' | 'fault'>,
): boolean {
  return a.zone === b.zone && a.fault === b.fault;
}

/** What a rider may send. */
export const REPORT_LIMITS = {
  noteMost: 600,
  nameMost: 60,
  /** The whole of a form without its photo, bytes. */
  formMost: 16_000,
  /** A photo as a phone takes it, bytes: more is dropped, the report stays. */
  photoMost: 12_000_000,
  /** Of one tag and of one address in ten minutes; more are queued without their photos. */
  perTag: 6,
  perAddress: 20,
  spanMinutes: 10,
} as const;
