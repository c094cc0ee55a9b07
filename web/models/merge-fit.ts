import type { FitList } from '@cadre/core/fleet';
import type { Differing } from './BothSides.vue';
import { fitItemWords } from '@cadre/web/words';

/** The items in which two fit lists differ, as both sides are shown. */
export function differingFit(mine: FitList, theirs: FitList): readonly Differing[] {
  return [...new Set([...Object.keys(mine), ...Object.keys(theirs)])]
    .filter((key) => mine[key] !== theirs[key])
    .map((key) => ({
      name: `fit.${key}`,
      label: fitItemWords(key),
      mine: String(mine[key] ?? ''),
      theirs: String(theirs[key] ?? ''),
    }));
}

/** My fit list with theirs where it was chosen; what they do not state is not stated. */
export function mergeFit(mine: FitList, theirs: FitList, names: ReadonlySet<string>): FitList {
  const chosen = (key: string): FitList => (names.has(`fit.${key}`) ? theirs : mine);
  const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
  return Object.fromEntries(
    keys.flatMap((key) => {
      const value = chosen(key)[key];
      return value === undefined ? [] : [[key, value]];
    }),
  );
}
