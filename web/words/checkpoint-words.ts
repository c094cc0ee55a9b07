import type { Phase, Position, Severity, System, Zone } from '@cadre/core/catalogue';
import type { Side } from '@cadre/core/checks';
import * as t from './messages';

export const ZONE_WORDS: Record<Zone, string> = {
  'front-wheel': t.frontWheel,
  'front-brake': t.frontBrake,
  'fork-headset': t.forkHeadset,
  cockpit: t.cockpit,
  frame: t.frame,
  'rear-suspension': t.rearSuspension,
  'cranks-pedals': t.cranksPedals,
  drivetrain: t.drivetrain,
  'saddle-post': t.saddlePost,
  'rear-brake': t.rearBrake,
  'rear-wheel': t.rearWheel,
  assist: t.assistElectrics,
  accessories: t.accessories,
  'off-bike': t.offBike,
};

export const SIDE_WORDS: Record<Side, string> = {
  left: t.left,
  right: t.right,
  'drive-side': t.driveSide,
  'off-side': t.offSide,
  top: t.top,
  under: t.underneath,
};

export const POSITION_WORDS: Record<Position, string> = {
  only: '',
  front: t.front,
  rear: t.rear,
  'left-front': t.leftFront,
  'right-front': t.rightFront,
  'rear-second': t.rearSecond,
};

export const SEVERITY_WORDS: Record<Severity, string> = {
  stop: t.doNotRide,
  soon: t.fixDate,
  upkeep: t.maintenance,
  watch: t.watch,
};

export const SEVERITY_MEANING: Record<Severity, string> = {
  stop: t.notRiddenUntilReleased,
  soon: t.mayRiddenUntilIts,
  upkeep: t.noDangerPlanWork,
  watch: t.checkedEveryInspection,
};

/** "Front wheel + Front brake", as a station is called. */
export function zonesName(zones: readonly Zone[]): string {
  const [first, ...rest] = zones.map((zone) => ZONE_WORDS[zone]);
  return [first, ...rest.map((name) => name.toLowerCase())].join(', ');
}

export function withPosition(name: string, position: Position): string {
  return position === 'only' ? name : `${name}, ${POSITION_WORDS[position]}`;
}

export const SYSTEM_WORDS: Record<System, string> = {
  wheels: t.wheelsTyres,
  brakes: t.brakes,
  steering: t.steeringCockpit,
  frame: t.frameSuspension,
  drivetrain: t.cranksDrivetrain,
  saddle: t.saddlePost,
  electrics: t.assistElectrics,
  rest: t.accessoriesOther,
};

export const PHASE_WORDS: Record<Phase, string> = {
  ground: t.onGround,
  stand: t.inStand,
  opened: t.wheelOutOpened,
};
