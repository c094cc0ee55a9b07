import type { Checkpoint, Touched } from '@cadre/core/catalogue';
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

type CausesKnown = WeakMap<Checkpoint, ReadonlySet<Cause> | null>;
const causesKnown = new WeakMap<ExposureRules['causesOf'], CausesKnown>();

/** The causes of all faults of a checkpoint; null where one of them is not known. A checkpoint never changes, nor does what a table says of it. */
export function causesOfAll(
  checkpoint: Checkpoint,
  causesOf: ExposureRules['causesOf'],
): ReadonlySet<Cause> | null {
  let own = causesKnown.get(causesOf);
  if (!own) causesKnown.set(causesOf, (own = new WeakMap()));
  const known = own.get(checkpoint);
  if (known !== undefined) return known;
  const each = checkpoint.faults.map((fault) => causesOf(checkpoint.key, fault));
  const causes = each.length > 0 && each.every((one) => one !== undefined) ? new Set(each.flat()) : null;
  own.set(checkpoint, causes);
  return causes;
}
