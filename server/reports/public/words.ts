import type { Zone } from '@cadre/core/catalogue';
import type { Fitness } from '@cadre/core/fitness';
import type { BikeKind } from '@cadre/core/fleet';
import type { ReportFault } from '@cadre/core/reports';
import * as t from '../messages';

export const KIND_NAMES: Record<BikeKind, string> = {
  child: t.kindChild,
  hybrid: t.kindHybrid,
  hardtail: t.kindHardtail,
  'full-suspension': t.kindFullSuspension,
  'step-through': t.kindStepThrough,
  cargo: t.kindCargo,
  trike: t.kindTrike,
};

export const PLACE_NAMES: Record<Zone, string> = {
  'front-wheel': t.frontWheel,
  'front-brake': t.frontBrake,
  'fork-headset': t.fork,
  cockpit: t.handlebar,
  frame: t.frame,
  'rear-suspension': t.rearSuspension,
  'cranks-pedals': t.pedals,
  drivetrain: t.gears,
  'saddle-post': t.saddle,
  'rear-brake': t.rearBrake,
  'rear-wheel': t.rearWheel,
  assist: t.motor,
  accessories: t.accessories,
  'off-bike': t.somewhere,
};

export const placeName = (zone: Zone | null): string => (zone === null ? t.somewhere : PLACE_NAMES[zone]);

export const FAULT_NAMES: Record<ReportFault, string> = {
  weak: t.weak,
  rubs: t.rubs,
  loose: t.loose,
  stiff: t.stiff,
  bent: t.bent,
  cracked: t.cracked,
  flat: t.flat,
  noisy: t.noisy,
  slips: t.slips,
  'chain-off': t.chainOff,
  'shifts-badly': t.shiftsBadly,
  'too-low': t.tooLow,
  stops: t.stops,
  hot: t.hot,
  'child-seat': t.childSeat,
  'trailer-hitch': t.trailerHitch,
  light: t.light,
  bell: t.bell,
  crash: t.crashed,
  other: t.other,
};

/** What a rider is told of a bike’s fitness: whether it may be ridden, never why not. */
export const STATE_WORDS: Record<Fitness, { readonly word: string; readonly more: string }> = {
  cleared: { word: t.readyToRide, more: t.readyToRideMore },
  'cleared-with-watch': { word: t.readyToRide, more: t.readyToRideMore },
  due: { word: t.notChecked, more: t.notCheckedMore },
  held: { word: t.doNotRide, more: t.doNotRideMore },
};
