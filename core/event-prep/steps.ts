import { opensOn, siteDay, siteTimeOn, dayAfter, type OpeningSite } from '@cadre/core/schedule';
import { HOUR_MS } from '@cadre/core/time';

/** What is done before an event, in order: what takes days to arrive first, what changes overnight last. */
export const PREP_STEPS = ['order', 'clean', 'soak', 'morning'] as const;
export type PrepStepKind = (typeof PREP_STEPS)[number];

/** The checklist each step is done with. */
export const PREP_CHECKLISTS: Readonly<Record<PrepStepKind, string>> = {
  order: 'event-order',
  clean: 'event',
  soak: 'pressures',
  morning: 'event-morning',
};

/** One step as counted back: its round is made at `makeAt` and is to be done by `deadline`. */
export interface PrepStep {
  readonly step: PrepStepKind;
  readonly makeAt: number;
  readonly deadline: number;
  /** It was to be done before the event was planned: it is due as soon as it can be. */
  readonly late: boolean;
}

export interface PrepSite extends OpeningSite {
  readonly timeZone: string;
}

/** Whole days before the event, and the time of that day by which the step is done. */
const COUNTED: Readonly<Record<PrepStepKind, { readonly days: number; readonly by: string }>> = {
  order: { days: 7, by: '17:00' },
  clean: { days: 1, by: '16:00' },
  soak: { days: 1, by: '18:00' },
  morning: { days: 0, by: '' },
};
/** So long before its deadline each round is there. */
const MADE_BEFORE_HOURS: Readonly<Record<PrepStepKind, number>> = {
  order: 48,
  clean: 26,
  soak: 6,
  morning: 5,
};
/** A late step is given so long, where the event leaves it that. */
const LATE_HOURS = 8;
/** A tyre that stands shorter than this tells nothing: no gauge could see the loss. */
export const SOAK_LEAST_HOURS = 6;
/** How far back an open day is looked for: a site closed longer has nobody to prepare. */
const FARTHEST_BACK_DAYS = 60;

function openDayBack(site: OpeningSite, day: string): string {
  for (let back = 0, at = day; back < FARTHEST_BACK_DAYS; back += 1, at = dayAfter(at, -1))
    if (opensOn(site, at) !== null) return at;
  return day;
}

/**
 * The steps before an event, counted back from when it starts: what has to be ordered or booked seven days before, cleaned and looked through the day before, tyres
 * set the evening before to be gauged again after the night, and the morning itself. A step that falls on a closed day comes on the open day before it; the
 * morning stays, as whoever runs the event is there. A step whose time is over is late and due as soon as it can be; a soak that would be too short to tell is
 * left out, as is everything of an event that has begun.
 *
 * @param startsAt in milliseconds, as is @param now
 */
export function prepSteps(startsAt: number, site: PrepSite, now: number): readonly PrepStep[] {
  if (startsAt <= now) return [];
  const day = siteDay(startsAt, site.timeZone);
  return PREP_STEPS.flatMap((step): PrepStep[] => {
    const { days, by } = COUNTED[step];
    const counted =
      days === 0 ? startsAt : siteTimeOn(openDayBack(site, dayAfter(day, -days)), site.timeZone, by);
    const late = counted <= now;
    const deadline = late ? Math.min(now + LATE_HOURS * HOUR_MS, startsAt) : counted;
    if (step === 'soak' && startsAt - (late ? now : counted) < SOAK_LEAST_HOURS * HOUR_MS) return [];
    return [{ step, makeAt: Math.max(now, deadline - MADE_BEFORE_HOURS[step] * HOUR_MS), deadline, late }];
  });
}

/** When tyres set for the night are gauged again: as the morning's round begins, and never before a gauge could tell. */
export function soakDueAt(gaugedAt: number, startsAt: number): number {
  return Math.max(gaugedAt + SOAK_LEAST_HOURS * HOUR_MS, startsAt - MADE_BEFORE_HOURS.morning * HOUR_MS);
}
