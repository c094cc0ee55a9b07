export const ZONES = [
  'front-wheel',
  'front-brake',
  'fork-headset',
  'cockpit',
  'frame',
  'rear-suspension',
  'cranks-pedals',
  'drivetrain',
  'saddle-post',
  'rear-brake',
  'rear-wheel',
  'assist',
  'accessories',
  'off-bike',
] as const;
export type Zone = (typeof ZONES)[number];

export const PHASES = ['ground', 'stand', 'opened'] as const;
export type Phase = (typeof PHASES)[number];

/** `rear-second`: where the rear wheel has a second brake, that one. */
export const POSITIONS = ['only', 'front', 'rear', 'left-front', 'right-front', 'rear-second'] as const;
export type Position = (typeof POSITIONS)[number];

export const isRear = (position: Position): boolean => position === 'rear' || position === 'rear-second';

/** Worst first: stop (not ridden), soon (until a date or outings), upkeep (money, not people), watch. */
export const SEVERITIES = ['stop', 'soon', 'upkeep', 'watch'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** The worst of a list: the severity that comes first in SEVERITIES. */
export function worstSeverity(severities: readonly [Severity, ...Severity[]]): Severity {
  return severities.reduce((worst, each) =>
    SEVERITIES.indexOf(each) < SEVERITIES.indexOf(worst) ? each : worst,
  );
}

/** Whether `a` weighs more than `b`. */
export function isWorse(a: Severity, b: Severity): boolean {
  return SEVERITIES.indexOf(a) < SEVERITIES.indexOf(b);
}

/** Where one stands to look: the side with the chain, or the other. Most looks want neither. */
export const STANCES = ['drive', 'off'] as const;
export type Stance = (typeof STANCES)[number];

/**
 * What can bring a stop fault that no ordinary outing brings. A fault that names none may arise on any
 * outing or between any two riders.
 */
export const BY = ['wear', 'age', 'work', 'crash', 'water'] as const;
export type By = (typeof BY)[number];

/** What belongs together to somebody learning it, and on the route by system. */
export const SYSTEMS = [
  'wheels',
  'brakes',
  'steering',
  'frame',
  'drivetrain',
  'saddle',
  'electrics',
  'rest',
] as const;
export type System = (typeof SYSTEMS)[number];

export const SYSTEM_OF: Record<Zone, System> = {
  'front-wheel': 'wheels',
  'rear-wheel': 'wheels',
  'front-brake': 'brakes',
  'rear-brake': 'brakes',
  'fork-headset': 'steering',
  cockpit: 'steering',
  frame: 'frame',
  'rear-suspension': 'frame',
  'cranks-pedals': 'drivetrain',
  drivetrain: 'drivetrain',
  'saddle-post': 'saddle',
  assist: 'electrics',
  accessories: 'rest',
  'off-bike': 'rest',
};
