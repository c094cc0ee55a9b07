import { DEFAULT_PRACTICES, type Season, type ServiceRule } from '@cadre/core/catalogue';
import { streamOf } from '@cadre/core/draws';
import type { Build } from '@cadre/core/fleet';
import { doneBy, lastDone, seasonLine, serviceDue, servicePlan, usesOf } from '@cadre/core/services';
import { CHECKPOINTS, shippedServices } from '@cadre/core/shipped';
import { DAY_MS, HOUR_MS } from '@cadre/core/time';

const BY_KEY = new Map(CHECKPOINTS.map((checkpoint) => [checkpoint.key, checkpoint]));

export interface YearBike {
  readonly tag: string;
  readonly siteId: string;
  readonly build: Build;
}

export interface YearLine {
  readonly service: string;
  readonly bikes: number;
  readonly done: number;
  /** Done again while what was done before still held. */
  readonly twice: number;
  /** Overdue longer than to the next afternoon of services. */
  readonly unseen: number;
  /** Fallen due and neither done nor overdue at the year's end. */
  readonly lost: number;
  readonly daysBetween: number;
}

/** Days on which the workshop does what is due. */
const AFTERNOON_EVERY_DAYS = 7;
/** Of what is due so much is done by a check that passes its questions, the rest by the act itself. */
const BY_A_CHECK = 0.4;
const OUTINGS_A_DAY = 0.35;

/**
 * A year of a fleet, from a seed: bikes go out, and once a week the workshop does what has fallen due, by the same rules as the program, half of
 * it in checks. What the rules said is held against a plain count of days and use beside them.
 */
export function simulateYear(
  fleet: readonly YearBike[],
  seasons: readonly Season[],
  timeZone: string,
  seed: number,
): readonly YearLine[] {
  const random = streamOf(seed);
  const begin = Date.UTC(2026, 0, 1, 8);
  const rules = shippedServices(DEFAULT_PRACTICES);
  const lines = new Map<string, { -readonly [K in keyof YearLine]: YearLine[K] }>();
  for (const bike of fleet) {
    const fitted = { build: bike.build, parts: [], siteId: bike.siteId };
    const line = seasonLine(
      seasons.filter((season) => season.siteId === bike.siteId),
      timeZone,
      { first: 2026, last: 2027 },
    );
    const plan = servicePlan(rules, fitted, BY_KEY);
    const own = plan.rules;
    const done = new Map<string, number>();
    const outings: number[] = [];
    const last = new Map<string, number>();
    const dueAt = (rule: ServiceRule): number | null =>
      serviceDue(rule, lastDone(rule, plan, done), begin, usesOf(bike.build.kind, outings), line).dueAt;
    for (const rule of own) {
      const entry = lines.get(rule.key) ?? {
        ...{ service: rule.name, bikes: 0, done: 0, twice: 0, unseen: 0, lost: 0, daysBetween: 0 },
      };
      entry.bikes += 1;
      lines.set(rule.key, entry);
    }
    for (let day = 0; day < 365; day += 1) {
      const noon = begin + day * DAY_MS + 4 * HOUR_MS;
      if (random() < OUTINGS_A_DAY) outings.push(noon);
      if (day % AFTERNOON_EVERY_DAYS !== AFTERNOON_EVERY_DAYS - 1) continue;
      const at = noon + 3 * HOUR_MS;
      for (const rule of own) {
        const entry = lines.get(rule.key);
        const due = dueAt(rule);
        if (!entry || due === null || due > at) continue;
        const passes = plan.settles.get(rule.key)?.all ?? [];
        if (passes.length > 0 && random() < BY_A_CHECK) for (const pass of passes) done.set(pass, at);
        else done.set(doneBy.service(rule.key), at);
        entry.done += 1;
        const before = last.get(rule.key);
        entry.daysBetween += (at - (before ?? begin)) / DAY_MS;
        // What was done an hour ago cannot be due again before any of its interval has run.
        const again = dueAt(rule);
        if (again !== null && again <= at) entry.twice += 1;
        if (at - due > AFTERNOON_EVERY_DAYS * DAY_MS) entry.unseen += 1;
        last.set(rule.key, at);
      }
    }
    const end = begin + 365 * DAY_MS;
    for (const rule of own) {
      const entry = lines.get(rule.key);
      const due = dueAt(rule);
      const since = last.get(rule.key) ?? begin;
      // By plain days, with no season at all: what is past twice its interval has to have fallen due.
      const days = rule.climates ? null : (rule.every.days ?? null);
      if (entry && days !== null && (end - since) / DAY_MS > days && (due === null || due > end))
        entry.lost += 1;
    }
  }
  return [...lines.values()].map((each) => ({
    ...each,
    daysBetween: each.done === 0 ? 0 : each.daysBetween / each.done,
  }));
}
