import type { Phase, Position, Severity, System, Zone } from '@cadre/core/catalogue';

export const ZONE_WORDS: Record<Zone, string> = {
  'front-wheel': 'Front wheel',
  'front-brake': 'Front brake',
  'fork-headset': 'Fork and headset',
  cockpit: 'Cockpit',
  frame: 'Frame',
  'rear-suspension': 'Rear suspension',
  'cranks-pedals': 'Cranks and pedals',
  drivetrain: 'Drivetrain',
  'saddle-post': 'Saddle and post',
  'rear-brake': 'Rear brake',
  'rear-wheel': 'Rear wheel',
  assist: 'Assist and electrics',
  accessories: 'Accessories',
  'off-bike': 'Off the bike',
};

export const POSITION_WORDS: Record<Position, string> = {
  only: '',
  front: 'front',
  rear: 'rear',
  'left-front': 'left front',
  'right-front': 'right front',
};

export const SEVERITY_WORDS: Record<Severity, string> = {
  stop: 'Stop',
  soon: 'Soon',
  upkeep: 'Upkeep',
  watch: 'Watch',
};

export const SEVERITY_MEANING: Record<Severity, string> = {
  stop: 'not ridden',
  soon: 'may ride a few days',
  upkeep: 'planned, no danger',
  watch: 'looked at every time',
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
  wheels: 'Wheels and tyres',
  brakes: 'Brakes',
  steering: 'Steering and cockpit',
  frame: 'Frame and suspension',
  drivetrain: 'Cranks and drivetrain',
  saddle: 'Saddle and post',
  electrics: 'Assist and electrics',
  rest: 'Accessories and the rest',
};

export const PHASE_WORDS: Record<Phase, string> = {
  ground: 'on the ground',
  stand: 'in the stand',
  opened: 'wheel out or opened',
};
