import type { Touched } from '@cadre/core/catalogue';

/** Something that was done with a bike, as its record tells it. */
export interface Happening {
  /** When it may have been at the latest, in milliseconds: what is recorded late counts from when it was recorded. */
  readonly at: number;
  /** `changed`: the bike is not as it was, or nothing is known of what this can do to it. */
  readonly what: 'outing' | 'handling' | 'incident' | 'changed' | 'work';
  /** What was worked on, where it is work. */
  readonly touched?: readonly Touched[] | undefined;
}

/** Where a bike was kept since, and what was done with it. */
export interface Happened {
  readonly happenings: readonly Happening[];
  /** Nobody but the people of the program gets at it by night. */
  readonly lockedAway: boolean;
  /** It is kept outdoors. */
  readonly outdoors: boolean;
  readonly timeZone: string;
}
