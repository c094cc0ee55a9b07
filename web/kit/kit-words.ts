import type { KitItem } from '@cadre/contract/kit';
import { kitProblems, type KitKind, type KitProblem } from '@cadre/core/kit';
import * as t from './messages';

export const KIT_WORDS: Record<KitKind, string> = {
  helmet: t.helmet,
  'child-seat': t.childSeat,
  'repair-kit': t.repairKit,
  pump: t.pump,
  lock: t.lock,
  other: t.other,
};
export const KITS_WORDS: Record<KitKind, string> = {
  helmet: t.helmets,
  'child-seat': t.childSeats,
  'repair-kit': t.repairKits,
  pump: t.pumps,
  lock: t.locks,
  other: t.others,
};
const PROBLEM_WORDS: Record<KitProblem, string> = {
  withdrawn: t.withdrawn,
  impact: t.tookImpact,
  expired: t.expired,
  incomplete: t.incomplete,
  damp: t.damp,
};

export interface KitLook {
  readonly word: string;
  /** `not`: may not be lent; `out`: it is away; `ready`. */
  readonly as: 'ready' | 'packed' | 'out' | 'not';
}

/** How an item stands in one word. Out comes first: nothing can be done about the rest before it is back. */
export function lookOf(item: KitItem, day: string): KitLook {
  if (item.whereabouts === 'out') return { word: t.out, as: 'out' };
  const [problem] = kitProblems(item, day);
  if (problem) return { word: PROBLEM_WORDS[problem], as: 'not' };
  return item.whereabouts === 'packed' ? { word: t.packed, as: 'packed' } : { word: t.ready, as: 'ready' };
}

export const thingsWords = (things: KitItem['missing']): string =>
  things.map(({ name, count }) => t.countOfName({ name, count })).join(', ');
