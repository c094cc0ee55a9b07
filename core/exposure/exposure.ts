import { HOUR_MS } from '@cadre/core/time';
import { disturbedAt, type Fault, type Question } from '@cadre/core/catalogue';
import { DAYS_UNTIL, HOURS_UNTIL, type Cause } from './cause';
import { NO_REST, restsNot, type EarlierLook, type Rest } from './earlier-pass';
import type { Happened } from './happened';
import { causesOfAll, dayNumber, sumUp, type SummedUp } from './sum-up';

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

/** What may have brought a fault of a question since it passed; null where nothing can have. */
function exposedBy(
  question: Question,
  pass: EarlierLook,
  since: BikeSince,
  { last, outings, worked }: SummedUp,
  rules: ExposureRules,
  now: number,
): Because | null {
  const hours = (now - pass.at) / HOUR_MS;
  if (hours < 0 || hours > rules.restDays * 24) return { code: 'too-old', count: rules.restDays };
  if (last.incident >= pass.at) return { code: 'incident' };
  if (last.changed >= pass.at) return { code: 'changed' };
  const isDisturbed = worked.some(
    ({ at, touched }) =>
      at >= pass.at &&
      touched.some((each) => disturbedAt(question.checkpoint, each).includes(question.position)),
  );
  if (isDisturbed) return { code: 'work' };
  const causes = causesOfAll(question.checkpoint, rules.causesOf);
  // Riding can bring any stop there is.
  if (last.outing >= pass.at && (question.critical || !causes || causes.has('outing')))
    return { code: 'outing', count: outings.filter((at) => at >= pass.at).length };
  if (!causes) return { code: 'unknown-cause' };
  const handled = causes.has('handling');
  if (handled && last.handling >= pass.at) return { code: 'handling' };
  const unlocked = handled && !since.lockedAway;
  if (unlocked || (since.outdoors && causes.has('weather'))) {
    const nights = Math.max(0, dayNumber(now, since.timeZone) - dayNumber(pass.at, since.timeZone));
    if (nights > 0) return { code: unlocked ? 'night' : 'weather', count: nights };
  }
  if (hours >= HOURS_UNTIL && causes.has('hours')) return { code: 'hours', count: Math.floor(hours) };
  if (hours >= DAYS_UNTIL * 24 && causes.has('age')) return { code: 'age', count: Math.floor(hours / 24) };
  return null;
}

export type Exposure = { readonly asked: Because } | { readonly rests: Rest };

/**
 * Whether a question has to be asked of a bike, with why, or rests on its last pass. It rests only where nothing that can bring any of its faults has
 * happened since: any outing exposes every critical, what has no cause stated is exposed by anything, and an open finding is always asked.
 *
 * @param now when the check is begun or signed, in milliseconds
 * @param summed what was done with the bike, where it is asked for many questions
 */
export function exposureOf(
  question: Question,
  since: BikeSince,
  rules: ExposureRules,
  now: number,
  summed: SummedUp = sumUp(since),
): Exposure {
  if (rules.everyDay.has(question.checkpoint.key)) return { asked: { code: 'every-day' } };
  if (since.openFindings.has(question.key)) return { asked: { code: 'open-finding' } };
  const look = since.looks.get(question.key) ?? null;
  const not = restsNot(look);
  if (not || !look) return { asked: { code: not ?? 'no-look' } };
  const asked = exposedBy(question, look, since, summed, rules, now);
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
  const summed = sumUp(since);
  const asked: { key: string; because: Because }[] = [];
  const rests: Rest[] = [];
  for (const question of questions) {
    const exposure = exposureOf(question, since, rules, now, summed);
    if ('asked' in exposure) asked.push({ key: question.key, because: exposure.asked });
    else rests.push(exposure.rests);
  }
  return { asked, rests };
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
