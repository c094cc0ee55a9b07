/** Something measured or tightened with an instrument. */
export interface UseOfInstrument {
  readonly bikeId: string;
  /** What was measured: the same at the same place is measured again. */
  readonly what: string;
  readonly at: number;
  readonly instrumentId: string | null;
}

/**
 * What was measured with a failed instrument since it was last known good and not measured again since, with another or after it passed again: the latest of each
 * place, newest first.
 *
 * @param goodAt when it last passed before it failed; null: never, so everything it measured is in doubt
 * @param goodAgainAt when it passed again; null: not yet
 */
export function doubtfulUses<U extends UseOfInstrument>(
  instrumentId: string,
  { goodAt, goodAgainAt }: { readonly goodAt: number | null; readonly goodAgainAt: number | null },
  uses: readonly U[],
): readonly U[] {
  const isDoubtful = (use: UseOfInstrument): boolean =>
    use.instrumentId === instrumentId &&
    (goodAt === null || use.at > goodAt) &&
    (goodAgainAt === null || use.at < goodAgainAt);
  const newest = new Map<string, U>();
  for (const use of uses) {
    const place = `${use.bikeId} ${use.what}`;
    const known = newest.get(place);
    if (!known || use.at > known.at) newest.set(place, use);
  }
  return [...newest.values()].filter(isDoubtful).sort((a, b) => b.at - a.at);
}
