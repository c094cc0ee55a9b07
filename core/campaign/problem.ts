/** A bike as far as a campaign goes: how long it takes, and from which day its parts are there. Days are of the calendar, "2026-11-30". */
export interface CampaignBike {
  readonly id: string;
  /** More than 0. */
  readonly minutes: number;
  /** Null: nothing is waited for. */
  readonly partsOn: string | null;
  /** Of bikes that are alike the lower comes first. */
  readonly order: number;
}

export interface CampaignPerson {
  readonly id: string;
  /** Of one day. */
  readonly minutes: number;
  /** Days they are not here. */
  readonly away: readonly string[];
}

/** A bike on a day, done by somebody. */
export interface Slot {
  readonly bikeId: string;
  readonly day: string;
  readonly personId: string;
}

export interface CampaignProblem {
  /** The days there are from today on, in order: those the site is open. */
  readonly days: readonly string[];
  /** What is still to be done. */
  readonly bikes: readonly CampaignBike[];
  readonly people: readonly CampaignPerson[];
  /** So many bikes can stand in hand at a time, 1 or more. */
  readonly stands: number;
  /** Minutes a day each stand can be used. */
  readonly standMinutes: number;
  /** What was put on its day by hand. */
  readonly fixed: readonly Slot[];
  /** Where each stood before: it stays there unless that costs something. */
  readonly before?: readonly Slot[] | undefined;
}

/** Why a bike is not done by the last day. */
export const SLIP_BECAUSE = ['nobody', 'parts-late', 'too-long', 'no-room'] as const;
export type SlipBecause = (typeof SLIP_BECAUSE)[number];

export interface Slip {
  readonly bikeId: string;
  readonly because: SlipBecause;
}

export interface CampaignPlan {
  readonly slots: readonly Slot[];
  readonly slips: readonly Slip[];
  /** What was put on its day by hand and cannot stay there: planned like the rest. */
  readonly unkept: readonly Slot[];
  /** Minutes of the busiest day. */
  readonly busiest: number;
}

/** Minutes somebody has on a day. */
export function minutesOn(person: CampaignPerson, day: string): number {
  return person.away.includes(day) ? 0 : person.minutes;
}
