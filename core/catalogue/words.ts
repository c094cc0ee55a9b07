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

export const POSITIONS = ['only', 'front', 'rear', 'left-front', 'right-front'] as const;
export type Position = (typeof POSITIONS)[number];

/** Worst first: stop (not ridden), soon (until a date or outings), upkeep (money, not people), watch. */
export const SEVERITIES = ['stop', 'soon', 'upkeep', 'watch'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** The worst of a list: the severity that comes first in SEVERITIES. */
export function worstSeverity(severities: readonly [Severity, ...Severity[]]): Severity {
  return severities.reduce((worst, each) => (SEVERITIES.indexOf(each) < SEVERITIES.indexOf(worst) ? each : worst));
}

/** Whether `a` weighs more than `b`. */
export function isWorse(a: Severity, b: Severity): boolean {
  return SEVERITIES.indexOf(a) < SEVERITIES.indexOf(b);
}
