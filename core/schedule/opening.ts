import type { FieldIssue } from '@cadre/core/errors';
import { DAY_MS } from '@cadre/core/time';

/** A day of the calendar on which a site opens otherwise: at another time, or not at all. */
export interface OpeningException {
  /** "2026-12-25". */
  readonly day: string;
  /** "10:30"; null: closed. */
  readonly opensAt: string | null;
  readonly name: string;
}

/** When a site is open, besides its usual opening time. */
export interface Opening {
  /** Weekdays it never opens on, 1 for Monday to 7 for Sunday. */
  readonly closedOn: readonly number[];
  readonly exceptions: readonly OpeningException[];
}

export const ALWAYS_OPEN: Opening = { closedOn: [], exceptions: [] };

/** A site as far as its opening goes. */
export interface OpeningSite {
  readonly opensAt: string;
  /** Absent: it opens every day. */
  readonly opening?: Opening | undefined;
}

/** How far ahead the next opening day is looked for: a season's closing is shorter. */
const FARTHEST_DAYS = 400;

const DAY = /^\d{4}-\d{2}-\d{2}$/;
const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;

/** Midday of a day as UTC, far from any change of clocks; NaN where there is no such day. */
function middayOf(day: string): number {
  const at = DAY.test(day) ? Date.parse(`${day}T12:00:00Z`) : Number.NaN;
  return Number.isNaN(at) || new Date(at).toISOString().slice(0, 10) !== day ? Number.NaN : at;
}

/** The day of the calendar so many days after one. */
export function dayAfter(day: string, days = 1): string {
  return new Date(middayOf(day) + days * DAY_MS).toISOString().slice(0, 10);
}

/** 1 for Monday to 7 for Sunday. */
export function weekdayOf(day: string): number {
  return ((new Date(middayOf(day)).getUTCDay() + 6) % 7) + 1;
}

/** When a site opens on a day of its calendar ("2026-11-30"), as a clock time; null where it stays closed. An exception beats the weekday. */
export function opensOn({ opensAt, opening = ALWAYS_OPEN }: OpeningSite, day: string): string | null {
  const exception = opening.exceptions.find((each) => each.day === day);
  if (exception) return exception.opensAt;
  return opening.closedOn.includes(weekdayOf(day)) ? null : opensAt;
}

/** The first day from this one on, itself among them, on which the site opens; null where there is none within 400 days. */
export function nextOpenDay(site: OpeningSite, day: string): string | null {
  for (let ahead = 0, at = day; ahead < FARTHEST_DAYS; ahead += 1, at = dayAfter(at))
    if (opensOn(site, at) !== null) return at;
  return null;
}

/** What is wrong with an opening as written: a day or a time that is none, one day twice, every weekday closed. */
export function openingIssues({ closedOn, exceptions }: Opening): readonly FieldIssue[] {
  return [
    ...(new Set(closedOn).size >= 7 ? [{ path: 'closedOn', code: 'never-open' } as const] : []),
    ...exceptions.flatMap((each, index): FieldIssue[] => {
      const path = `exceptions.${index}`;
      return [
        ...(Number.isNaN(middayOf(each.day))
          ? [{ path: `${path}.day`, code: each.day === '' ? 'required' : 'no-such-day' } as const]
          : []),
        ...(each.opensAt !== null && !CLOCK.test(each.opensAt)
          ? [{ path: `${path}.opensAt`, code: 'required' } as const]
          : []),
        ...(exceptions.findIndex((other) => other.day === each.day) < index
          ? [{ path: `${path}.day`, code: 'twice' } as const]
          : []),
      ];
    }),
  ];
}
