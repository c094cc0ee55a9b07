import type { PartKind } from '@cadre/core/fleet';
import type { Counted } from '@cadre/core/measures';
import type { Rule } from './rule';
import type { Climate, Weathered } from './season';
import type { Touch } from './work';

/** What an overdue service means: planned work, a date to do it by, or that the bike stays in until it is done. */
export const OVERDUE_MEANINGS = ['maintenance', 'fix-by', 'due'] as const;
export type OverdueMeaning = (typeof OVERDUE_MEANINGS)[number];

/** What sets a service back to its beginning, whoever did it and wherever: any one of these. */
export interface Settling {
  /** Checkpoints passed, or put right on the spot, in any signed check: all of them that this bike is asked, at every place. */
  readonly checkpoints: readonly string[];
  /** A repair that did one of these kinds of work. */
  readonly works: readonly Touch[];
  /** A new part of one of these kinds fitted. */
  readonly parts: readonly PartKind[];
  /** Other services of which this one is a part. */
  readonly services: readonly string[];
}

/** Work that comes round again on some bikes, as data. */
export interface ServiceRule {
  readonly key: string;
  readonly name: string;
  readonly applies: Rule;
  /** Only at these sites; absent: at all. */
  readonly sites?: readonly string[] | undefined;
  /** It runs on only in these climates; absent: all year. */
  readonly climates?: readonly Climate[] | undefined;
  /** Whichever comes first of days, hours, km and outings. */
  readonly every: Counted;
  /** What on the bike it looks after, as climates are hard on it; null: the climate changes nothing. */
  readonly weathered: Weathered | null;
  readonly settledBy: Settling;
  readonly overdue: OverdueMeaning;
  /** Holds in place of that rule on the bikes and at the sites it applies to. */
  readonly instead?: string | undefined;
  /** The program does without it. */
  readonly off?: true | undefined;
}
