import type { BikeKind } from '@cadre/core/fleet';
import { serves, standsIn, type Group, type SizeSubstitution, type Want } from '@cadre/core/schedule';

/** What a bike still needs before it may go out: nothing, its check, or the bench first. */
export const WORKS = ['check', 'repair'] as const;
export type Work = (typeof WORKS)[number];

/** A bike as far as planning a day goes. */
export interface PlanBike {
  readonly id: string;
  readonly kind: BikeKind;
  readonly size: string;
  /** Null: it may go out already. */
  readonly work: Work | null;
  /** Of that work, more than 0 where there is any. */
  readonly minutes: number;
  /** 0 for the freshest to 1: of bikes that are alike the fresher goes out. */
  readonly wear: number;
  /** Where it hangs, in the order of the racks. */
  readonly place: number;
}

/** Somebody who is here from a moment to another, in milliseconds, and what they may do. */
export interface PlanPerson {
  readonly id: string;
  readonly works: readonly Work[];
  readonly from: number;
  readonly until: number;
}

/** A day of one site. */
export interface PlanProblem {
  readonly now: number;
  readonly bikes: readonly PlanBike[];
  readonly people: readonly PlanPerson[];
  readonly groups: readonly Group[];
  readonly substitution: SizeSubstitution;
  /** Work somebody has in hand or was given by hand: it stays with them, before all else. */
  readonly given: readonly { readonly bikeId: string; readonly personId: string }[];
}

/** One bike given to one person. */
export interface PlanItem {
  readonly bikeId: string;
  readonly personId: string;
  readonly work: Work;
  readonly minutes: number;
  /** When it is done if all goes by the plan, in milliseconds. */
  readonly readyAt: number;
  /** The group it is done for; null: nobody waits for it. */
  readonly groupId: string | null;
}

export const UNMET_BECAUSE = ['no-such-bike', 'nobody-may', 'no-time'] as const;

/** What a group goes without, and why. */
export interface Unmet {
  readonly groupId: string;
  readonly want: Want;
  readonly short: number;
  readonly because: (typeof UNMET_BECAUSE)[number];
}

/** A bike a group goes out with. */
export interface Given {
  readonly groupId: string;
  readonly bikeId: string;
}

export interface DayPlan {
  /** Each person's in the order they are done. */
  readonly items: readonly PlanItem[];
  readonly gives: readonly Given[];
  readonly unmet: readonly Unmet[];
  /** Bikes the groups want. */
  readonly needed: number;
}

export const MINUTE_MS = 60_000;

/** Groups still to go out, in the order they do. */
export function departures({ groups, now }: Pick<PlanProblem, 'groups' | 'now'>): readonly Group[] {
  return groups
    .filter((group) => group.outAt > now)
    .toSorted((a, b) => a.outAt - b.outAt || (a.id < b.id ? -1 : 1));
}

/** How a bike suits a want: as asked for, standing in, or not at all. */
export function suits(
  bike: Pick<PlanBike, 'kind' | 'size'>,
  want: Want,
  substitution: SizeSubstitution,
): 'exact' | 'stand-in' | null {
  if (serves(bike, want)) return 'exact';
  return standsIn(bike, want, substitution) ? 'stand-in' : null;
}

/** Minutes a person has from now to a moment. */
export function minutesUntil({ from, until }: PlanPerson, now: number, moment: number): number {
  return Math.max(0, Math.floor((Math.min(until, moment) - Math.max(from, now)) / MINUTE_MS));
}

/** The moments somebody goes out at, each once, the first first. */
export function momentsOf(problem: Pick<PlanProblem, 'groups' | 'now'>): readonly number[] {
  return [...new Set(departures(problem).map((group) => group.outAt))];
}
