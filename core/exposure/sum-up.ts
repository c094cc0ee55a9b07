import type { Question, Touched } from '@cadre/core/catalogue';
import { siteDay } from '@cadre/core/schedule';
import { DAY_MS } from '@cadre/core/time';
import type { Cause } from './cause';
import type { ExposureRules } from './exposure';
import type { Happened, Happening } from './happened';

type Kind = Exclude<Happening['what'], 'work'>;

/** What was done with a bike, summed up once for all of its questions. */
export interface SummedUp {
  /** When each was last, −∞ where it never was. */
  readonly last: Readonly<Record<Kind, number>>;
  /** When each outing was. */
  readonly outings: readonly number[];
  readonly worked: readonly { readonly at: number; readonly touched: readonly Touched[] }[];
}

/** Sums up what was done with a bike. Times in milliseconds. */
export function sumUp({ happenings }: Pick<Happened, 'happenings'>): SummedUp {
  const last = { outing: -Infinity, handling: -Infinity, incident: -Infinity, changed: -Infinity };
  const outings: number[] = [];
  const worked: { at: number; touched: readonly Touched[] }[] = [];
  for (const { at, what, touched } of happenings) {
    if (touched) worked.push({ at, touched });
    if (what === 'work') continue;
    last[what] = Math.max(last[what], at);
    if (what === 'outing') outings.push(at);
  }
  return { last, outings, worked };
}

/** No zone's day begins at anything but a quarter of an hour. */
const QUARTER_MS = 900_000;
/** Far more quarters of an hour than the looks of a fleet fall into. */
const MOST_KNOWN = 20_000;
const daysKnown = new Map<string, number>();

/** The day of the calendar at a site, counted from 1970. Asking a time zone is most of what exposure costs, so answers are remembered. */
export function dayNumber(at: number, timeZone: string): number {
  const key = `${timeZone} ${Math.floor(at / QUARTER_MS)}`;
  const known = daysKnown.get(key);
  if (known !== undefined) return known;
  if (daysKnown.size >= MOST_KNOWN) daysKnown.clear();
  const day = Date.parse(siteDay(at, timeZone)) / DAY_MS;
  daysKnown.set(key, day);
  return day;
}

/** What the rules say of a question, whatever bike it is asked of. */
export interface UnderRules {
  /** What it is asked as where it is asked on every day: one object for the whole fleet. */
  readonly everyDay: { readonly key: string; readonly because: { readonly code: 'every-day' } } | null;
  /** The causes of all its faults, a bit each; null where one of them is not known. */
  readonly causes: number | null;
}

/** A fleet is asked hundreds of thousands of questions in a moment: a bit is read much faster than a set. */
export const CAUSE_BITS: Readonly<Record<Cause, number>> = {
  outing: 1,
  handling: 2,
  hours: 4,
  age: 8,
  weather: 16,
};

const EVERY_DAY = { code: 'every-day' } as const;

function underRules({ checkpoint, key }: Question, rules: ExposureRules): UnderRules {
  const each = checkpoint.faults.map((fault) => rules.causesOf(checkpoint.key, fault));
  const isKnown = each.length > 0 && each.every((one) => one !== undefined);
  const causes = isKnown ? each.flat().reduce((bits, cause) => bits | CAUSE_BITS[cause], 0) : null;
  return { everyDay: rules.everyDay.has(checkpoint.key) ? { key, because: EVERY_DAY } : null, causes };
}

interface Known {
  readonly ofOne: WeakMap<Question, UnderRules>;
  readonly ofAll: WeakMap<readonly Question[], readonly UnderRules[]>;
}
const known = new WeakMap<ExposureRules, Known>();

/** What rules say of each of these questions, looked up once: neither changes once it is written. */
export function questionsUnder(questions: readonly Question[], rules: ExposureRules): readonly UnderRules[] {
  let own = known.get(rules);
  if (!own) known.set(rules, (own = { ofOne: new WeakMap(), ofAll: new WeakMap() }));
  const { ofOne, ofAll } = own;
  let all = ofAll.get(questions);
  if (!all) {
    all = questions.map((question) => {
      let answer = ofOne.get(question);
      if (!answer) ofOne.set(question, (answer = underRules(question, rules)));
      return answer;
    });
    ofAll.set(questions, all);
  }
  return all;
}
