import type { FitnessFacts } from '@cadre/core/fitness';
import { siteDay } from '@cadre/core/schedule';

export type CalendarKind = 'group' | 'round' | 'event' | 'campaign' | 'delivery' | 'service' | 'recheck';

/** Something that stands on a day of a site's calendar. */
export interface CalendarEntry {
  readonly key: string;
  readonly kind: CalendarKind;
  readonly siteId: string;
  /** Day of the site, "2026-11-30". */
  readonly day: string;
  /** The moment, where it has one: a group goes out, a round is due. */
  readonly at: number | null;
  readonly name: string;
  readonly bikeIds: readonly string[];
  /** It was due on an earlier day and stands on today. */
  readonly overdue: boolean;
  /** Its own id or key: of the group, the round, the service. */
  readonly of: string;
}

export interface CalendarSite {
  readonly id: string;
  readonly timeZone: string;
}
export interface CalendarBike {
  readonly id: string;
  readonly siteId: string;
  readonly facts: FitnessFacts;
}
export interface CalendarGroup {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly outAt: number;
}
export interface CalendarRound {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly bikeIds: readonly string[];
  readonly deadline: number;
  readonly state: 'open' | 'closed';
}

/** An event with what is to be done before it; a step whose round is there stands on the calendar as that round. */
export interface CalendarEvent {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly startsAt: number;
  readonly bikeIds: readonly string[];
  readonly steps: readonly { readonly name: string; readonly deadline: number; readonly state: string }[];
}

/** A fleet to be done by a date: which bike on which day, and what is done. */
export interface CalendarCampaign {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly slots: readonly { readonly bikeId: string; readonly day: string }[];
  /** Bikes that wait for parts until a day of the calendar. */
  readonly bikes: readonly { readonly bikeId: string; readonly partsOn: string | null }[];
  readonly done: readonly { readonly bikeId: string }[];
}

/** Parts a repair waits for. */
export interface CalendarDelivery {
  readonly id: string;
  readonly siteId: string;
  readonly bikeId: string;
  readonly what: string;
  readonly at: number;
}

export interface CalendarGiven {
  readonly sites: readonly CalendarSite[];
  readonly bikes: readonly CalendarBike[];
  readonly groups: readonly CalendarGroup[];
  readonly rounds: readonly CalendarRound[];
  readonly events?: readonly CalendarEvent[];
  readonly campaigns?: readonly CalendarCampaign[];
  readonly deliveries?: readonly CalendarDelivery[];
}

/** What has no moment stands after what has one. */
const LAST = Number.MAX_SAFE_INTEGER;

/** Due things of many bikes: those of one kind and name on one day of a site stand together. */
function together(due: readonly Omit<CalendarEntry, 'key'>[]): readonly CalendarEntry[] {
  const byDay = new Map<string, CalendarEntry>();
  for (const each of due) {
    const key = [each.kind, each.siteId, each.of, each.day].join(' ');
    const before = byDay.get(key);
    byDay.set(key, {
      ...each,
      key,
      bikeIds: [...(before?.bikeIds ?? []), ...each.bikeIds],
      overdue: each.overdue || (before?.overdue ?? false),
    });
  }
  return [...byDay.values()];
}

/**
 * What stands on which day: groups and events by when they start, open rounds and what comes before an event by when they are due, services and rechecks by when they fall due, with what is overdue on
 * today. In order of days, what is overdue first, then of moments, then of names.
 *
 * @param now in milliseconds
 */
export function calendarEntries(given: CalendarGiven, now: number): readonly CalendarEntry[] {
  const zones = new Map(given.sites.map((site) => [site.id, site.timeZone]));
  const dayOf = (at: number, siteId: string): string => siteDay(at, zones.get(siteId) ?? 'UTC');
  const due = (kind: 'service' | 'recheck', bike: CalendarBike, at: number, of: string, name: string) => {
    const [day, today] = [dayOf(at, bike.siteId), dayOf(now, bike.siteId)];
    const { siteId } = bike;
    return {
      kind,
      siteId,
      of,
      name,
      day: day < today ? today : day,
      at: null,
      bikeIds: [bike.id],
      overdue: at <= now,
    };
  };
  const entries: CalendarEntry[] = [
    ...given.groups.map(({ id, siteId, name, outAt }): CalendarEntry => ({
      ...{ key: `group ${id}`, kind: 'group', siteId, name, of: id, bikeIds: [], overdue: false },
      ...{ day: dayOf(outAt, siteId), at: outAt },
    })),
    ...given.rounds
      .filter((round) => round.state === 'open')
      .map(({ id, siteId, name, bikeIds, deadline }): CalendarEntry => {
        const [day, today] = [dayOf(deadline, siteId), dayOf(now, siteId)];
        return {
          ...{ key: `round ${id}`, kind: 'round', siteId, name, of: id, bikeIds, at: deadline },
          ...{ day: day < today ? today : day, overdue: deadline < now },
        };
      }),
    ...(given.events ?? []).flatMap(({ id, siteId, name, startsAt, bikeIds, steps }): CalendarEntry[] => [
      {
        ...{ key: `event ${id}`, kind: 'event', siteId, name, of: id, bikeIds, overdue: false },
        ...{ day: dayOf(startsAt, siteId), at: startsAt },
      },
      ...steps
        .filter((step) => step.state === 'coming' && step.deadline > now)
        .map((step): CalendarEntry => ({
          ...{ key: `event ${id} ${step.name}`, kind: 'event', siteId, of: id, bikeIds, overdue: false },
          ...{ name: `${name}: ${step.name}`, day: dayOf(step.deadline, siteId), at: step.deadline },
        })),
    ]),
    ...together([
      ...(given.deliveries ?? []).map(({ siteId, bikeId, what, at }) => {
        const [day, today] = [dayOf(at, siteId), dayOf(now, siteId)];
        const late = day < today;
        return {
          ...{ kind: 'delivery' as const, siteId, of: what, name: what, at: null, bikeIds: [bikeId] },
          ...{ day: late ? today : day, overdue: late },
        };
      }),
      ...(given.campaigns ?? []).flatMap(({ id, siteId, name, bikes, done }) =>
        bikes.flatMap(({ bikeId, partsOn }) =>
          partsOn === null || partsOn < dayOf(now, siteId) || done.some((each) => each.bikeId === bikeId)
            ? []
            : [
                {
                  ...{ kind: 'delivery' as const, siteId, of: id, name, at: null, bikeIds: [bikeId] },
                  ...{ day: partsOn, overdue: false },
                },
              ],
        ),
      ),
    ]),
    ...together(
      (given.campaigns ?? []).flatMap(({ id, siteId, name, slots, done }) => {
        const finished = new Set(done.map((each) => each.bikeId));
        const today = dayOf(now, siteId);
        return slots
          .filter((slot) => !finished.has(slot.bikeId))
          .map(({ bikeId, day }) => ({
            ...{ kind: 'campaign' as const, siteId, of: id, name, at: null, bikeIds: [bikeId] },
            ...{ day: day < today ? today : day, overdue: day < today },
          }));
      }),
    ),
    ...together(
      given.bikes.flatMap((bike) => [
        ...bike.facts.services.map((each) => due('service', bike, each.dueAt, each.service, each.name)),
        ...(bike.facts.timedRechecks ?? []).flatMap((each) =>
          each.dueAt === null ? [] : [due('recheck', bike, each.dueAt, each.what, each.what)],
        ),
      ]),
    ),
  ];
  return entries.sort(
    (a, b) =>
      (a.day < b.day ? -1 : a.day > b.day ? 1 : 0) ||
      Number(b.overdue) - Number(a.overdue) ||
      (a.at ?? LAST) - (b.at ?? LAST) ||
      (a.name < b.name ? -1 : a.name > b.name ? 1 : a.key < b.key ? -1 : 1),
  );
}
