import { HOUR_MS } from '@cadre/core/time';
import { disturbedAt, type Fault, type Question } from '@cadre/core/catalogue';
import { DAYS_UNTIL, HOURS_UNTIL, type Cause } from './cause';
import { NO_REST, restsNot, type EarlierLook, type Rest } from './earlier-pass';
import type { Happened } from './happened';
import { CAUSE_BITS, dayNumber, questionsUnder, sumUp, type SummedUp, type UnderRules } from './sum-up';

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

/** So many outings as a reason: nearly every bike has few, and each reason is made once. */
const FEW_OUTINGS = Array.from({ length: 30 }, (_, count): Because => ({ code: 'outing', count }));

function becauseOfOutings(outings: readonly number[], from: number): Because {
  let count = 0;
  for (const at of outings) if (at >= from) count += 1;
  return FEW_OUTINGS[count] ?? { code: 'outing', count };
}

/** What may have brought a fault of a question since it passed; null where nothing can have. */
function exposedBy(
  question: Question,
  pass: Rest,
  since: BikeSince,
  { last, outings, worked }: SummedUp,
  causes: UnderRules['causes'],
  restDays: number,
  now: number,
): Because | null {
  const hours = (now - pass.at) / HOUR_MS;
  if (hours < 0 || hours > restDays * 24) return { code: 'too-old', count: restDays };
  if (last.incident >= pass.at) return { code: 'incident' };
  if (last.changed >= pass.at) return { code: 'changed' };
  const isDisturbed =
    worked.length > 0 &&
    worked.some(
      ({ at, touched }) =>
        at >= pass.at &&
        touched.some((each) => disturbedAt(question.checkpoint, each).includes(question.position)),
    );
  if (isDisturbed) return { code: 'work' };
  // Riding can bring any stop there is.
  if (last.outing >= pass.at && (question.critical || causes === null || (causes & CAUSE_BITS.outing) !== 0))
    return becauseOfOutings(outings, pass.at);
  if (causes === null) return { code: 'unknown-cause' };
  const handled = (causes & CAUSE_BITS.handling) !== 0;
  if (handled && last.handling >= pass.at) return { code: 'handling' };
  const unlocked = handled && !since.lockedAway;
  if (unlocked || (since.outdoors && (causes & CAUSE_BITS.weather) !== 0)) {
    const nights = Math.max(0, dayNumber(now, since.timeZone) - dayNumber(pass.at, since.timeZone));
    if (nights > 0) return { code: unlocked ? 'night' : 'weather', count: nights };
  }
  if (hours >= HOURS_UNTIL && (causes & CAUSE_BITS.hours) !== 0)
    return { code: 'hours', count: Math.floor(hours) };
  if (hours >= DAYS_UNTIL * 24 && (causes & CAUSE_BITS.age) !== 0)
    return { code: 'age', count: Math.floor(hours / 24) };
  return null;
}

export type Exposure = { readonly asked: Because } | { readonly rests: Rest };

const OPEN_FINDING: Because = { code: 'open-finding' };

/** Why a question is asked; null where it rests on the look. */
function becauseOf(
  question: Question,
  look: EarlierLook | null,
  since: BikeSince,
  summed: SummedUp,
  causes: UnderRules['causes'],
  restDays: number,
  now: number,
): Because | null {
  if (since.openFindings.size > 0 && since.openFindings.has(question.key)) return OPEN_FINDING;
  const not = restsNot(look);
  if (not || !look) return { code: not ?? 'no-look' };
  return exposedBy(question, look.mark, since, summed, causes, restDays, now);
}

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
  const {
    asked: [asked],
    rests: [rests],
  } = checkExposure([question], since, rules, now);
  return rests ? { rests } : { asked: asked?.because ?? { code: 'no-look' } };
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
  const under = questionsUnder(questions, rules);
  const asked: { key: string; because: Because }[] = [];
  const rests: Rest[] = [];
  let at = 0;
  for (const question of questions) {
    const { key } = question;
    const rule = under[at] as UnderRules;
    at += 1;
    // What is asked every day is asked whatever it passed: its last look is not even looked up.
    if (rule.everyDay) {
      asked.push(rule.everyDay);
      continue;
    }
    const look = since.looks.get(key) ?? null;
    const because = becauseOf(question, look, since, summed, rule.causes, rules.restDays, now);
    if (because || !look) asked.push({ key, because: because ?? { code: 'no-look' } });
    else rests.push(look.mark);
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
