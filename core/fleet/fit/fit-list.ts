/** What is stated, by the item's key. Not in it: not known. */
export type FitList = Readonly<Record<string, number | string>>;

/** A bike's fit list: what its model states, and over it what the bike states itself. */
export function inheritFit(model: FitList, own: FitList): FitList {
  return { ...model, ...own };
}
