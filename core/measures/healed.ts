import { sinksTo } from './measured';
import type { Measure } from './measures';

/** Things that only wear: which way, and how much a hand and its tool may differ between two readings of the same part. */
const WEARS: Partial<Record<Measure, { readonly worse: 'more' | 'less'; readonly within: number }>> = {
  chain: { worse: 'more', within: 0.0005 },
  'disc-pad': { worse: 'less', within: 0.2 },
  'rim-pad': { worse: 'less', within: 0.3 },
  rotor: { worse: 'less', within: 0.03 },
  'rim-track': { worse: 'more', within: 0.05 },
  'rim-wall': { worse: 'less', within: 0.05 },
};

/** Whether this measure tells of wear, which no rest heals. */
export function wears(measure: string): measure is Measure {
  return measure in WEARS;
}

/** What of several values wears on: the most worn one. */
export function mostWorn(measure: Measure, values: readonly number[]): number | null {
  const wear = WEARS[measure];
  if (!wear || values.length === 0) return null;
  return wear.worse === 'more' ? Math.max(...values) : Math.min(...values);
}

/** Whether a part reads better than before by more than hand and tool explain: then it was renewed, moved, or measured wrong once. */
export function isHealed(measure: Measure, before: readonly number[], after: readonly number[]): boolean {
  const wear = WEARS[measure];
  const [was, is] = [mostWorn(measure, before), mostWorn(measure, after)];
  if (!wear || was === null || is === null) return false;
  return wear.worse === 'more' ? !sinksTo(was - is, wear.within) : !sinksTo(is - was, wear.within);
}
