/**
 * What can make a fault arise while a bike that passed hangs there. Work on the bike and incidents are not among them: work disturbs what the
 * catalogue says it does, and after an incident everything is asked.
 */
export type Cause =
  /** It was ridden. */
  | 'outing'
  /** A hand or a neighbour could get at it: it was hung elsewhere, or was out of sight. */
  | 'handling'
  /** It goes by itself within hours: air, oil, charge. */
  | 'hours'
  /** It goes by itself within weeks: rubber, corrosion under cover. */
  | 'age'
  /** It stood in the weather. */
  | 'weather';

/** From so many hours after a pass on, what goes by itself within hours may have. */
export const HOURS_UNTIL = 6;
/** From so many days after a pass on, what goes by itself within weeks may have. */
export const DAYS_UNTIL = 14;

/** The causes of each fault, by checkpoint and fault. */
export type CausesOf = Readonly<Record<string, Readonly<Record<string, readonly Cause[]>>>>;
