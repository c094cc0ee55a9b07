import { DAY_MS, HOUR_MS } from '@cadre/core/time';
import { disturbedAt, type Fault, type Question } from '@cadre/core/catalogue';
import { siteDay } from '@cadre/core/schedule';
import { DAYS_UNTIL, HOURS_UNTIL, type Cause } from './cause';
import { NO_REST, restsNot, type EarlierLook, type Rest } from './earlier-pass';
import type { Happened } from './happened';

/** Why a question is asked: what may have made a fault of it arise since its last pass, or why there is nothing to rest on. */
export const BECAUSE = [
  ...NO_REST,
  'every-day',
  'open-finding',
  'too-old',
  'incident',
  'changed',
  'work',
  'outing',
  'handling',
  'night',
  'weather',
  'hours',
  'age',
  'unknown-cause',
] as const;
export interface Because {
  readonly code: (typeof BECAUSE)[number];
  /** How many outings, nights, hours or days, where the code counts them. */
  readonly count?: number | undefined;
}

export interface ExposureRules {
  /** What can make a fault of a checkpoint arise; undefined where nobody said: then anything can. */
  readonly causesOf: (checkpoint: string, fault: Fault) => readonly Cause[] | undefined;
  /** Checkpoints asked on every day, whatever happened. */
  readonly everyDay: ReadonlySet<string>;
  /** No pass is rested on for longer than so many days. */
  readonly restDays: number;
}

/** What is known of one bike: the newest look at each question, what was done with the bike, and the questions with a finding open. */
export interface BikeSince extends Happened {
  readonly looks: ReadonlyMap<string, EarlierLook>;
  readonly openFindings: ReadonlySet<string>;
}

/** The nights between two moments, by the calendar of the site. */
function nightsBetween(from: number, to: number, timeZone: string): number {
  const day = (at: number): number => Date.parse(siteDay(at, timeZone)) / DAY_MS;
  return Math.max(0, day(to) - day(from));
}

/** The causes of all faults of a question; null where one of them is not known. */
function causesOf({ checkpoint }: Question, rules: ExposureRules): ReadonlySet<Cause> | null {
  if (checkpoint.faults.length === 0) return null;
  const known = checkpoint.faults.map((fault) => rules.causesOf(checkpoint.key, fault));
  return known.every((each) => each !== undefined) ? new Set(known.flat()) : null;
}

/** What may have brought a fault of a question since it passed; null where nothing can have. */
function exposedBy(
  question: Question,
  pass: EarlierLook,
  since: BikeSince,
  rules: ExposureRules,
  now: number,
): Because | null {
  const after = since.happenings.filter((each) => each.at >= pass.at);
  const hours = (now - pass.at) / HOUR_MS;
  if (hours < 0 || hours > rules.restDays * 24) return { code: 'too-old', count: rules.restDays };
  for (const code of ['incident', 'changed'] as const)
    if (after.some((each) => each.what === code)) return { code };
  const worked = after.flatMap((each) => each.touched ?? []);
  if (worked.some((each) => disturbedAt(question.checkpoint, each).includes(question.position)))
    return { code: 'work' };
  const causes = causesOf(question, rules);
  const outings = after.filter((each) => each.what === 'outing').length;
  // Riding can bring any stop there is.
  if (outings > 0 && (question.critical || !causes || causes.has('outing')))
    return { code: 'outing', count: outings };
  if (!causes) return { code: 'unknown-cause' };
  if (causes.has('handling') && after.some((each) => each.what === 'handling')) return { code: 'handling' };
  const nights = nightsBetween(pass.at, now, since.timeZone);
  if (causes.has('handling') && !since.lockedAway && nights > 0) return { code: 'night', count: nights };
  if (causes.has('weather') && since.outdoors && nights > 0) return { code: 'weather', count: nights };
  if (causes.has('hours') && hours >= HOURS_UNTIL) return { code: 'hours', count: Math.floor(hours) };
  if (causes.has('age') && hours >= DAYS_UNTIL * 24) return { code: 'age', count: Math.floor(hours / 24) };
  return null;
}

export type Exposure = { readonly asked: Because } | { readonly rests: Rest };

/**
 * Whether a question has to be asked of a bike, with why, or rests on its last pass. It rests only where nothing that can bring any of its faults has
 * happened since: any outing exposes every critical, what has no cause stated is exposed by anything, and an open finding is always asked.
 *
 * @param now when the check is begun or signed, in milliseconds
 */
export function exposureOf(
  question: Question,
  since: BikeSince,
  rules: ExposureRules,
  now: number,
): Exposure {
  if (rules.everyDay.has(question.checkpoint.key)) return { asked: { code: 'every-day' } };
  if (since.openFindings.has(question.key)) return { asked: { code: 'open-finding' } };
  const look = since.looks.get(question.key) ?? null;
  const not = restsNot(look);
  if (not || !look) return { asked: { code: not ?? 'no-look' } };
  const asked = exposedBy(question, look, since, rules, now);
  if (asked) return { asked };
  const { markId, checkId, by, at } = look;
  return { rests: { key: question.key, markId, checkId, by, at } };
}

/** What a check asks of a bike and why, and what rests on which pass. Everything asked is in one of the two. */
export interface CheckExposure {
  readonly asked: readonly { readonly key: string; readonly because: Because }[];
  readonly rests: readonly Rest[];
}

export function checkExposure(
  questions: readonly Question[],
  since: BikeSince,
  rules: ExposureRules,
  now: number,
): CheckExposure {
  const all = questions.map((question) => ({
    key: question.key,
    exposure: exposureOf(question, since, rules, now),
  }));
  return {
    asked: all.flatMap(({ key, exposure }) =>
      'asked' in exposure ? [{ key, because: exposure.asked }] : [],
    ),
    rests: all.flatMap(({ exposure }) => ('rests' in exposure ? [exposure.rests] : [])),
  };
}

/**
 * What a check asks now that was begun with another exposure: what rested then and does no more is asked as well, and nothing that was asked then comes to rest.
 */
export function exposureSince(begun: CheckExposure, now: CheckExposure): CheckExposure {
  const rested = new Set(begun.rests.map((each) => each.key));
  return {
    asked: [...begun.asked, ...now.asked.filter((each) => rested.has(each.key))],
    rests: now.rests.filter((each) => rested.has(each.key)),
  };
}

/** The questions a check asks: all of its checklist but what rests and nobody looked at all the same. */
export function askedOf(
  questions: readonly Question[],
  exposure: Pick<CheckExposure, 'rests'> | null | undefined,
  answered: { has(key: string): boolean },
): readonly Question[] {
  if (!exposure || exposure.rests.length === 0) return questions;
  const resting = new Set(exposure.rests.map((each) => each.key));
  return questions.filter((each) => !resting.has(each.key) || answered.has(each.key));
}
